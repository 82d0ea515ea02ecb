# frozen_string_literal: true

# A step that is put on a day and is not done on it: why, in a sentence.
RSpec.describe YellowTrack::Desk::JobVisits::Why do
  include Site

  let(:job) { YellowTrack::Desk::Job.new(book, book.jobs.find(hang.job_id)) }

  # What is said of a step on a day, while the crew is away on another.
  def says(step, day)
    changes = YellowTrack::Desk::JobVisits::Changes.new({"put" => {step => day}, "away" => ["2027-03-09"]})
    YellowTrack::Desk::JobVisits.new(job, changes).unmet.map(&:says)
  end

  {%w[A-order 2027-02-26] => "26 February is before the plan begins.",
   %w[A-order 2027-03-06] => "6 March is no working day.",
   %w[A-cut 2027-03-09] => "The crew is away on 9 March.",
   %w[A-drill 2027-03-02] => "A-cut, cut, is done on 4 March.",
   %w[A-cut 2027-03-02] => "A-order, order, is done on 1 March, and is waited for till 4 March.",
   %w[A-prepare 2027-03-02] => "It shares a trip later, with what else is done then, and the job ends no later " \
     "for it."}.each do |(step, day), told|
    it "is said of #{step} on #{day}: #{told}" do
      expect(says(step, day)).to eq [told]
    end
  end

  it "is nothing where it is done on its day" do
    expect(says("A-order", "2027-03-02")).to eq []
  end
end
