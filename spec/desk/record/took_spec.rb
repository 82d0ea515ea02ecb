# frozen_string_literal: true

# How long steps took, by ticks of a crew's day.
RSpec.describe YellowTrack::Desk::Took do
  include Site

  let!(:row) { hang }
  let(:visiting) { YellowTrack::Desk::JobVisits.new(YellowTrack::Desk::Job.new(book, book.jobs.find(row.job_id))) }
  let(:morning) { Time.local(2027, 3, 2, 8, 0) }

  def tick(key, at, who: "Odo") = YellowTrack::Store::Clock.during(at) { visiting.tick!(key, true, who:) }

  it "teaches minutes by ticks of one person in one house on one day, and by none that were made together" do
    tick("A-order", morning)
    tick("A-cut", morning + 90 * 60)
    tick("A-drill", morning + 90 * 60 + 5) # together, at the desk
    tick("A-seal", morning + 120 * 60, who: "Runa") # another's
    tick("A-track", morning + 30 * 3600) # another day
    took = described_class.new(book)
    id = ->(key) { visiting.agendas["A"].row("A-#{key}").id }
    expect(took.minutes(id.call("cut"))).to eq [90]
    expect(%w[order drill seal track].flat_map { |key| took.minutes(id.call(key)) }).to eq []
  end
end
