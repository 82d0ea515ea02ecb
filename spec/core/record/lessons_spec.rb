# frozen_string_literal: true

# What a record teaches, and when it is offered (handbook 10).
RSpec.describe YellowTrack::Lessons do
  def lesson(name, ...) = described_class.public_send(name, ...)&.to_a

  it "says that jambs lean one way from five openings on, where noise of that spread does not" do
    expect(lesson(:lean, [5, 5, 6, 4, 5])).to eq ["lean", 5, 5, 5]
    expect(lesson(:lean, [5, 5, 6, 4])).to be_nil
    expect(lesson(:lean, [1.9r] * 9)).to be_nil
    expect(lesson(:lean, [3, 9, -1, 6, 4])).to be_nil
    expect(lesson(:lean, [])).to be_nil
  end

  it "takes a spread for its floor at the least: three such spreads of a median away from nothing" do
    # floor 1: 3 × 1.25 × 1 ÷ √5 is 1.677, so 2 of five openings that lean alike speak
    expect(lesson(:lean, [2] * 5)).to eq ["lean", 2, 5, 5]
    # floor 0.5: 3 × 1.25 × 0.5 ÷ √5 is 0.839
    expect(lesson(:drop, [1] * 5)).to eq ["drop", -1, 5, 5]
    # s = 1.25 × 8 ÷ 4 = 2.5: 3 × 1.25 × 2.5 ÷ √5 is 4.193
    expect(lesson(:drop, [2, 4.2r, 4.2r, 10, 4.2r])).to eq ["drop", -4.2r, 5, 5]
    expect(lesson(:drop, [2, 4.1r, 4.1r, 10.1r, 4.1r])).to be_nil
  end

  it "says what a turn takes, mm, and how long a step, as a factor" do
    expect(lesson(:per_turn, [1.3r, 1.25r, 1.25r, 1.2r, 1.25r], 1r)).to eq ["per_turn", 1.25r, 5, 5]
    expect(lesson(:per_turn, [1.1r] * 9, 1r)).to be_nil
    expect(lesson(:minutes, [2r] * 5)).to match ["minutes", be_within(1e-9).of(2), 5, 5]
    expect(lesson(:minutes, [0.5r] * 5)).to match ["minutes", be_within(1e-9).of(0.5), 5, 5]
    expect(lesson(:minutes, [1.2r] * 9)).to be_nil
  end

  it "says that cuts come out long, or a tape, from ten on" do
    %i[cuts tape].each do |name|
      expect(lesson(name, [0.5r] * 9 + [0.7r])).to eq [name.to_s, 0.5r, 10, 10]
      expect(lesson(name, [0.5r] * 9)).to be_nil
      expect(lesson(name, [0.4r] * 12)).to be_nil
    end
  end

  it "falls silent again where what follows does not bear it" do
    seen = [5, 5, 6, 4, 5]
    expect(lesson(:lean, seen)).not_to be_nil
    expect(lesson(:lean, seen + [-5, -4, 1, -6])).to be_nil
  end

  # Noise about nothing, as chapter 10 has it, looked at after every observation.
  {"lean" => 3, "drop" => 1.5, "per_turn" => 0.15, "cuts" => 0.8, "minutes" => Math.log(1.5)}.each do |key, sd|
    it "speaks on noise in fewer than one of twenty records of thirty: #{key}" do
      random = Random.new(5)
      noise = -> { Math.sqrt(-2 * Math.log(1 - random.rand)) * Math.cos(2 * Math::PI * random.rand) * sd }
      spoken = Array.new(2000) {
        seen = []
        30.times.any? { described_class.spoken(key, seen << noise.call) }
      }.count(true)
      expect(spoken).to be < 100
    end
  end
end
