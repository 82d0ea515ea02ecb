# frozen_string_literal: true

RSpec.describe YellowTrack::Web::NextStep do
  def step(stage, **changes)
    row = YellowTrack::Store::Openings::Opening.new(id: 7, stage: "measure", document: YellowTrack::Store::Document.new(document(**changes)))
    never = -> { raise "not asked for at this stage" }
    described_class.new(YellowTrack::Web::Work.new(row), stage, hanging: never, adjusting: never)
  end

  def said(...) = step(...).sentence.tr("\u00A0", " ")

  it "asks for the next reading that is missing, and goes to its field" do
    expect(step("measure", "survey.heights.right" => nil)).to have_attributes(sentence: "Read the height at the right jamb.",
      path: "/openings/7/measure#survey-heights-right")
  end

  it "asks for a suspect reading again, and for a diagonal where the shape is open" do
    expect(said("size", "survey.diagonals.rising" => 2910)).to eq "Measure the rising diagonal again: bottom left to top right."
    expect(said("measure", "survey.diagonals" => nil, "survey.leans" => nil)).to start_with "Take a diagonal"
  end

  it "goes on to the size, then to the saw, with their numbers" do
    expect(said("measure")).to eq "Size the set: panels come to 921 mm × 2 191 mm."
    expect(said("size")).to eq "Cut the track to 1 805 mm. One end only; keep the factory holes at the other."
  end

  it "says the cure of a stop before anything is cut" do
    expect(said("size", "set.gap" => 3)).to eq "Plan a floor gap of 5 mm, or level the floor."
    expect(step("size", "set.gap" => 3).path).to eq "/openings/7/size#bypass-gap-least"
  end

  it "says why there is no set where there is none" do
    expect(said("size", "set.pattern" => [1, 1], "set.panels" => nil)).to include("has no lap")
  end
end
