# frozen_string_literal: true

RSpec.describe YellowTrack::Files::WorkFile do
  let(:work) do
    {"format" => "yellow-track/work", "version" => 1, "start" => "2027-03-01", "travel" => 40, "steps" => [
      {"key" => "D-prepare", "place" => "site", "minutes" => 60},
      {"key" => "D-track", "place" => "site", "minutes" => 50,
       "after" => [{"step" => "D-prepare", "wait" => {"hours" => 2}}]}
    ]}
  end

  def faults(change)
    described_class.visits(work.merge(change))
    []
  rescue YellowTrack::Faults => e
    e.list.to_h { |fault| [fault.key, fault.words] }
  end

  def step(place, **change)
    steps = work["steps"].map(&:dup)
    steps[place].update(change.transform_keys(&:to_s))
    {"steps" => steps}
  end

  it "reads a work file" do
    expect(described_class.visits(work).visits.map(&:keys)).to eq [%w[D-prepare D-track]]
  end

  it "names what is at fault in the worked file of faults" do
    given, worked = %w[work visits].map { |kind|
      JSON.parse(File.read("#{Cases::FOLDER}/visits/visits-10-faults.#{kind}.json"))
    }
    expect { described_class.visits(given) }.to raise_error(YellowTrack::Faults) { |raised|
      expect(raised.list.map(&:key)).to include(*worked["faults"].map { |line| line[/\A[\w.-]+/] })
    }
  end

  {
    "a date that there is not" => [{"start" => "2027-02-30"}, "start", "\"2027-02-30\" is no date"],
    "a day off in words" => [{"off" => ["Friday"]}, "off[0]", "\"Friday\" is no date"],
    "a week without a day" => [{"week" => []}, "week", "1"],
    "hours that end before they begin" => [{"hours" => {"from" => 900, "to" => 500}}, "hours", "from is before to"],
    "an unknown key" => [{"colour" => 1}, "colour", ""]
  }.each do |name, (change, key, words)|
    it "refuses #{name}" do
      expect(faults(change)).to include(key => include(words))
    end
  end

  it "names the step in its faults" do
    expect(faults(step(0, minutes: 461))).to include("steps.D-prepare" => include("460 at most"))
    expect(faults(step(1, minutes: nil))).to include("steps.D-track.minutes" => include("missing"))
    expect(faults(step(1, key: "D-prepare"))).to include("steps.D-prepare" => include("twice"))
    expect(faults(step(1, after: [{"step" => "D-hung"}]))).to include("steps.D-track.after" => include("D-hung"))
    expect(faults(step(1, not_before: "2027-3-1"))).to include("steps.D-track.not_before" => include("2027-3-1"))
    expect(faults(step(1, ended: "yesterday"))).to include("steps.D-track.ended" => include("yesterday"))
    expect(faults(step(1, place: "other", minutes: nil))).to include("steps.D-track.days" => include("one of the two"))
    expect(faults(step(1, place: "other", days: 2, done: "2027-03-09")).keys).to include "steps.D-track.days"
  end

  it "names every step of a ring, and none that only comes after it" do
    steps = [*step(0, after: [{"step" => "D-track"}])["steps"], {"key" => "D-hang", "place" => "site", "minutes" => 10,
                                                                 "after" => [{"step" => "D-track"}]}]
    expect(faults("steps" => steps).keys).to contain_exactly("steps.D-prepare", "steps.D-track")
  end
end
