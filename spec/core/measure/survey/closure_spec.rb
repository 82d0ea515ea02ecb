# frozen_string_literal: true

RSpec.describe YellowTrack::Survey::Closure do
  def survey(**changes) = opening(**changes).survey

  def closure(**changes) = described_class.new(survey(**changes))

  it "is open without a diagonal and a lean, solved with one, checked with more" do
    bare = {"survey.diagonals" => nil, "survey.leans" => nil, "survey.floor" => nil}
    expect(closure(**bare)).to have_attributes(state: :open, corners: nil, suspects: [], out_of_square: nil)
    expect(closure(**bare, "survey.diagonals" => {"rising" => 2886}).state).to eq :solved
    expect(closure(**bare, "survey.leans" => {"left" => 2}).state).to eq :solved
    expect(closure.state).to eq :checked
  end

  it "finds the corners of a rectangle from one diagonal" do
    square = {"widths" => {"top" => 300, "middle" => 300, "bottom" => 300},
              "heights" => {"left" => 400, "middle" => 400, "right" => 400}, "diagonals" => {"rising" => 500}}
    corners = closure("survey" => square).corners
    {bl: [0, 0], br: [300, 0], tl: [0, 400], tr: [300, 400]}.each do |corner, at|
      expect(corners[corner]).to match(at.map { |value| be_within(0.001).of(value) })
    end
  end

  it "names a slip, and those that can only be blamed with it, diagonals first" do
    suspects = closure("survey.diagonals" => {"rising" => 2906, "falling" => 2879}).suspects
    expect(suspects.first).to eq "diagonals.rising"
  end

  it "says about how large the slip is" do
    found = closure("survey.diagonals" => {"rising" => 2906, "falling" => 2879})
    expect(found.residuals["diagonals.rising"].slip).to be_within(1).of(20)
  end

  it "names what nothing checks, and the reading that would" do
    sparse = closure("survey.leans" => nil, "survey.floor" => nil, "survey.diagonals" => {"rising" => 2886})
    expect(sparse.unchecked).to include("widths.top", "heights.right")
    expect(sparse.further).to eq "diagonals.falling"
    expect(closure.further).to be_nil
  end

  it "gives a shape, and raises nothing, for readings that make none" do
    absurd = {"widths" => {"top" => 0, "middle" => 0, "bottom" => 0},
              "heights" => {"left" => 0, "middle" => 0, "right" => 0},
              "diagonals" => {"rising" => 20_000, "falling" => 0}}
    expect { closure("survey" => absurd).to_h }.not_to raise_error
  end

  it "finds a 20 mm slip among honest noise, and seldom cries for nothing" do
    random = Random.new(RSpec.configuration.seed)
    found, alarms = 0, 0
    200.times do
      document = random_document(random, noise: 1.0)
      alarms += 1 if described_class.new(YellowTrack::Files::Shelf.opening(document).survey).suspects.any?
      document["survey"]["diagonals"]["rising"] += 20
      found += 1 if described_class.new(YellowTrack::Files::Shelf.opening(document).survey).suspects
        .include?("diagonals.rising")
    end
    expect(found).to be > 195
    expect(alarms).to be < 10
  end
end
