# frozen_string_literal: true

# What a record teaches, and when it is offered (handbook 10).
RSpec.describe YellowTrack::Lessons do
  def lesson(name, ...) = described_class.public_send(name, ...)&.to_a

  it "says that jambs lean one way: three openings, all but one alike, two millimetres or more" do
    expect(lesson(:lean, [3, 2, 4])).to eq ["lean", 3, 3, 3]
    expect(lesson(:lean, [-3, -2.5r, 1, -4])).to eq ["lean", -2.75r, 3, 4]
    expect(lesson(:lean, [3, 4])).to be_nil
    expect(lesson(:lean, [3, -2, 4, -1])).to be_nil
    expect(lesson(:lean, [1, 1, 2])).to be_nil
    expect(lesson(:lean, [])).to be_nil
  end

  it "says that a kit's drop is another: three sets, a millimetre, over twice the spread" do
    expect(lesson(:drop, [1.5r, 1.5r, 2, 1.4r, 1.5r])).to eq ["drop", -1.5r, 5, 5]
    expect(lesson(:drop, [1.5r, 1.5r])).to be_nil
    expect(lesson(:drop, [0.5r, 0.6r, 0.4r])).to be_nil
    expect(lesson(:drop, [1, 3, -1, 5])).to be_nil
  end

  it "says that a turn takes another way: three openings, past what counts as off" do
    expect(lesson(:per_turn, [1.3r, 1.25r, 1.2r], 1r)).to eq ["per_turn", 1.25r, 3, 3]
    expect(lesson(:per_turn, [1.1r, 1.1r, 1.1r], 1r)).to be_nil
    expect(lesson(:per_turn, [1.3r, 1.3r], 1r)).to be_nil
  end

  it "says that cuts come out long: ten of a material, half a millimetre" do
    expect(lesson(:cuts, [0.5r] * 8 + [0, -0.2r])).to eq ["cuts", 0.5r, 8, 10]
    expect(lesson(:cuts, [0.5r] * 9)).to be_nil
    expect(lesson(:cuts, [0.4r] * 12)).to be_nil
  end

  it "says that a step takes longer, or less: five times, a quarter over or a fifth under" do
    expect(lesson(:minutes, [1.5r, 1.3r, 1.4r, 1, 1.6r])).to eq ["minutes", 1.4r, 4, 5]
    expect(lesson(:minutes, [0.5r] * 5)).to eq ["minutes", 0.5r, 5, 5]
    expect(lesson(:minutes, [1.2r] * 6)).to be_nil
    expect(lesson(:minutes, [1.5r] * 4)).to be_nil
  end
end
