# frozen_string_literal: true

RSpec.describe YellowTrack::Bifold::Checks do
  sound = {
    "survey" => {"widths" => {"top" => 1000, "middle" => 1000, "bottom" => 1000},
                 "heights" => {"left" => 2200, "middle" => 2200, "right" => 2200},
                 "floor" => [[0, 0], [1000, 0]], "leans" => {"left" => 0, "right" => 0}, "front" => 600},
    "set" => {"family" => "bifold", "kit" => "fold-34", "thickness" => 35, "makeup" => [{"material" => "hollow core"}]}
  }
  strip = ->(thickness) { {"set.half_jamb" => {"thickness" => thickness}} }

  small = {"survey.widths" => {"top" => 640, "middle" => 640, "bottom" => 640}}

  raised = {
    "bifold.pinch" => [{"set.side_gap" => 5}, :stop],
    "bifold.hidden" => [strip.call(10), :watch],
    "bifold.top" => [strip.call(9), :watch],
    "bifold.setback" => [strip.call(25).merge("set.setback" => 0), :stop],
    "bifold.thickness" => [{"set.thickness" => 41}, :stop],
    "bifold.width" => [{"set.width" => 621}, :stop],
    "bifold.weight" => [{"set.weighed" => 26}, :stop],
    "bifold.gap.least" => [{"set.gap" => 5}, :stop],
    "bifold.gap.most" => [{"set.gap" => 27}, :watch],
    "bifold.lead" => [{"set.width" => 496}, :stop],
    "bifold.strike" => [strip.call(60).merge(small, "set.thickness" => 38), :stop],
    "bifold.wide" => [{"set.width" => 490}, :watch],
    "bifold.depth" => [{"survey.depth" => 42}, :stop],
    "bifold.room" => [{"survey.front" => 400}, :stop],
    "bifold.lean" => [{"survey.leans" => {"left" => 0, "right" => 4}}, :watch],
    "bifold.height" => [{"survey.heights" => {"left" => 2500, "middle" => 2500, "right" => 2500}}, :stop]
  }

  it_behaves_like "a table of checks", raised, sound

  it "has a line here for every check there is" do
    expect(raised.keys).to match_array described_class.rules.map(&:first)
  end

  it "leaves a strip without setback to one check alone" do
    expect(codes(plan(**sound, **strip.call(60), **small, "set.thickness" => 38, "set.setback" => 0)))
      .not_to include("bifold.strike")
  end

  it "lets a tight meet pass with care where one pair can be opened at a time" do
    wide = {"survey.widths" => {"top" => 2000, "middle" => 2000, "bottom" => 2000}, "set.panels" => 4}
    expect(codes(plan(**sound, **wide, "set.width" => 495.5))).to include("bifold.lead" => :watch)
    expect(codes(plan(**sound, **wide, "set.width" => 496))).to include("bifold.lead" => :stop)
  end

  it "watches 85 % of the weight, and wood too thin beside a pivot hole stops" do
    expect(codes(plan(**sound, "set.weighed" => 22))).to include("bifold.weight" => :watch)
    thin = YellowTrack::Numbers.rounded(YellowTrack::Files::Shelf.kits.fetch("fold-34").to_h)
      .merge("hole" => {"diameter" => 26, "depth" => 20})
    expect(codes(plan(**sound, "set.kit" => thin))).to include("bifold.thickness" => :stop)
  end

  it "stops a set sized to the tightest width beside a pivot jamb that leans in" do
    leaning = {"survey.leans" => {"left" => 3, "right" => 0}, "set.fit" => "follow"}
    expect(codes(plan(**sound, **leaning))).to include("bifold.lean" => :stop)
    expect(codes(plan(**sound, **leaning, "set.hand" => "right"))).not_to include("bifold.lean")
  end
end
