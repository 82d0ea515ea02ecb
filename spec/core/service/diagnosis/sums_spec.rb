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
    expect(whys[1]).to include("Speaks for it: +0.88 bit")
    expect(whys[2]).to include("Speaks against it: −")
  end
end

RSpec.describe YellowTrack::Diagnosis::Quarrel do
  door = ["bottom-rolling", %w[neighbour], ["scrapes"]]

  it "names the two without which the others go together best" do
    found = {"came" => "from_new", "old_wheels" => "yes", "wheels_on" => "no", "rolls" => "yes", "wheels_turn" => "no"}
    quarrel = Doors.diagnosis(door, found).quarrel
    rest = found.keys.to_h { |key| [key, Doors.diagnosis(door, found.except(key))] }
    left = rest.transform_values { |made| described_class.new(made.start, made.taken).bits }
    expect(quarrel.answers.map { |one| one.finding.key }).to eq(left.sort_by(&:last).first(2).map(&:first))
    expect(quarrel.lacks.values.sum).to be_within(1e-9).of(quarrel.bits)
  end

  it "finds none in answers that a cause explains, nor in two" do
    made = Doors.diagnosis(["bottom-rolling", [], ["scrapes"]],
      {"came" => "slowly", "old_wheels" => "yes", "low" => "both_ends"})
    expect(made.quarrel).to be_nil
    expect(Doors.diagnosis(door, {"came" => "from_new", "old_wheels" => "yes"}).quarrel).to be_nil
  end
end

RSpec.describe YellowTrack::Diagnosis::Behind do
  rows = ->(findings) {
    known = YellowTrack::Files::Knowledge.of("top-hung")
    door = YellowTrack::Diagnosis::Door.of(knowledge: known, symptoms: ["fallen"], findings:)
    described_class.of(door, "fixing_torn")
  }

  it "bars what would fall again until the weight that tore it is known, and lists what stands behind what stands" do
    open = rows.call({})
    expect(open.map { |row| [row.cause.key, row.state, row.level] })
      .to eq [%w[overloaded open stop], %w[edge_dead open stop], %w[stop_missing open watch]]
    found = rows.call({"weight" => "light", "probe" => 0.5, "stops_look" => "missing"})
    expect(found.map { |row| [row.of.key, row.cause.key, row.level] })
      .to eq [["fixing_torn", "overloaded", nil], ["fixing_torn", "edge_dead", nil],
        %w[fixing_torn stop_missing watch], %w[stop_missing track_fixings stop]]
  end
end

RSpec.describe YellowTrack::Diagnosis::OwnCause do
  known = YellowTrack::Files::Knowledge.of("top-hung")
  of = ->(told, **rest) {
    described_class.new(known, label: "Cat flap", symptoms: ["rattles"], told:, **rest)
  }

  it "is refused with the causes that no answer tells it from" do
    faults = of.call({"grip" => "yes"}).faults
    expect(faults.map(&:key)).to eq ["told"]
    expect(faults.first.words).to include("Wheel worn down or grooved")
    expect(of.call({}).alike.length).to eq known.causes.values.count { |cause| cause.weight("rattles") }
    expect(of.call({"came" => "at_once", "sound" => "click", "where" => "at_end", "grip" => "no"}, mend: {"hands" => 9})
      .faults.map(&:key)).to eq ["hands"]
  end

  it "joins the ranking by the same rules, and is named where its answers are given" do
    told = {"came" => "at_once", "sound" => "click", "where" => "at_end", "grip" => "no", "buzz" => "yes"}
    made = of.call(told)
    own = known.with(made.key => made.row)
    diagnosis = YellowTrack::Diagnosis.new(own, symptoms: ["rattles"], findings: told, things: {"infill" => true})
    expect(diagnosis.first.cause).to have_attributes(key: "own_cat_flap", own?: true, label: "Cat flap")
    expect(diagnosis.belief.shares.sum).to be_within(1e-9).of(1)
  end
end
