# frozen_string_literal: true

RSpec.describe YellowTrack::Diagnosis::Sums do
  let(:random) { Random.new(RSpec.configuration.seed) }

  it "comes to each cause's share, and works out again" do
    40.times do
      door = Doors.any(random)
      made = Doors.diagnosis(door, Doors.answered(door, random))
      made.causes.first(4).each do |standing|
        entries = described_class.of(made, standing.cause)
        expect(entries.last.value).to be_within(1e-9).of(standing.share)
        expect(entries.length).to eq made.taken.length + 1
        entries.each { |entry| expect(entry.again).to eq entry.value }
      end
    end
  end

  it "says which answers speak for a cause and which against" do
    made = Doors.diagnosis(["bottom-rolling", [], ["scrapes"]], {"came" => "slowly", "house" => "yes"})
    worn = made.causes.find { |one| one.cause.key == "wheel_worn" }
    whys = described_class.of(made, worn.cause).map(&:why)
    expect(whys[1]).to include("Speaks for it: +0.92 bit")
    expect(whys[2]).to include("Speaks against it: −")
  end
end

RSpec.describe YellowTrack::Diagnosis::Quarrel do
  it "names the two answers that go together worst, and the cheaper one to ask again" do
    made = Doors.diagnosis(["bottom-rolling", %w[neighbour], ["scrapes"]],
      {"came" => "from_new", "old_wheels" => "yes", "wheels_on" => "no", "rolls" => "yes", "wheels_turn" => "no"})
    expect(made.quarrel.answers.map { |one| one.finding.key }).to include("wheels_on").or include("came")
    costs = made.quarrel.answers.map { |one| one.finding.minutes }
    expect(made.quarrel.again.minutes).to eq costs.min
  end

  it "finds none in answers that a cause explains" do
    made = Doors.diagnosis(["bottom-rolling", [], ["scrapes"]],
      {"came" => "slowly", "old_wheels" => "yes", "low" => "both_ends"})
    expect(made.quarrel).to be_nil
    expect(Doors.diagnosis(["pocket", [], ["end_low"]], {"came" => "at_once"}).quarrel).to be_nil
  end
end
