# frozen_string_literal: true

RSpec.describe YellowTrack::Mending::Reroller do
  def mm(**values) = values.to_h { |key, value| [key.to_s, Rational(value.to_s)] }

  def made(carried, old, new, **rest) = described_class.new(carried, mm(**old), mm(**new), **rest)

  it "gains half of what the wheel is larger: worn 21.6, new 24.0 is 1.2" do
    roller = made(:floor, {wheel: 21.6}, {wheel: 24}, readings: {gap: 5r, head: 13.8r, lift: 5.2r},
      height: 2000r, spacing: 800r)
    expect([roller.gain, roller.below, roller.above, roller.lift, roller.tapers]).to eq [1.2r, 6.2r, 15r, 4r, 3r]
    expect(roller.work.entries.map(&:again)).to eq roller.work.entries.map(&:value)
  end

  it "takes the less of two readings of a wheel" do
    expect(made(:head, {wheel: 22, wheel_across: 21.4}, {wheel: 24}).gain).to eq 1.3r
  end

  it "reckons seat and spacer where the bodies differ: with the gain below, against it above" do
    old, new = {wheel: 22, seat: 10, spacer: 1}, {wheel: 24, seat: 11.5, spacer: 0}
    expect(made(:floor, old, new).gain).to eq 1.5r
    expect(made(:head, old, new).gain).to eq(-0.5r)
  end

  it "moves by the offset, which is handed: 1.0 to the room, turned round 2.0 to the closet" do
    roller = made(:floor, {room: 6, closet: 5}, {room: 7.5, closet: 4.5})
    expect([roller.shift, roller.shift_turned, roller.gain]).to eq [1, -2, nil]
  end

  it "takes from the head room what it gives the floor, and gives a wall-hung panel cover" do
    expect(made(:head, {wheel: 20}, {wheel: 22}, readings: {gap: 9r, head: 12r}))
      .to have_attributes(below: 10, above: 11, lift: nil)
    expect(made(:wall, {wheel: 20}, {wheel: 22}, readings: {head: 40r})).to have_attributes(above: 41, below: nil)
  end

  it "says nothing of what was not measured" do
    expect(made(:head, {wheel: 20}, {})).to have_attributes(gain: nil, shift: nil, below: nil)
  end
end

RSpec.describe YellowTrack::Mending::Replacing do
  it "sets mending beside new in plain figures: 322 against 488 is 66 %" do
    made = described_class.new("hours" => 6.5, "hands" => 1, "rate" => 36, "parts" => 58, "trips" => 30, "door" => 240,
      "hardware" => 85, "new_hours" => 3, "new_hands" => 1, "new_trips" => 30, "disposal" => 25)
    expect([made.mend, made.replace, made.share.round(2).to_f]).to eq [322, 488, 0.66]
  end

  it "compares with nothing while a new door has no price" do
    expect(described_class.new("hours" => 1, "hands" => 2, "rate" => 40)).to have_attributes(mend: 80, share: nil)
  end
end

RSpec.describe YellowTrack::Mending::Material do
  def advice(weight, damp: false)
    described_class.new(YellowTrack::Working.new, weight.to_r, wheels: 2, damp:)
  end

  it "takes the first that carries and suits: quiet nylon, brass for weight and damp, steel in the dry" do
    expect([30, 36, 60, 74, 80].map { |weight| advice(weight).advice }).to eq ["nylon", "brass", "steel", "steel", nil]
    expect(advice(74, damp: true).advice).to be_nil
    expect(advice(36).rating_least.to_f.round(1)).to eq 21.2
  end
end

RSpec.describe YellowTrack::Mending::Trim do
  it "takes off each end what the design gap has more than is found there, and nothing where there is enough" do
    trim = described_class.new(9r, {"left" => 2r, "right" => 10r})
    expect(trim.sides).to eq("left" => 7)
    expect(described_class.new(9r, {"left" => nil, "right" => 0r}).sides).to eq("right" => 9)
  end
end
