# frozen_string_literal: true

RSpec.describe YellowTrack::Bypass::Checks do
  heavy = [{"material" => "glass", "thickness" => 6}]

  # Each check: what raises it, at which level; the plain set has none of them.
  raised = {
    "bypass.lap.short" => [{"set.width" => 910}, :stop],
    "bypass.lap.long" => [{"set.width" => 950}, :watch],
    "bypass.thickness" => [{"set.thickness" => 40}, :stop],
    "bypass.proud" => [{"set.proud" => 10}, :stop],
    "bypass.depth" => [{"survey.depth" => 81}, :stop],
    "bypass.weight" => [{"set.makeup" => heavy, "set.weighed" => 33}, :stop],
    "bypass.inset" => [{"set.inset" => 39}, :stop],
    "bypass.tall" => [{"survey.widths" => {"top" => 1000, "middle" => 1000, "bottom" => 1000},
                       "survey.diagonals" => nil}, :watch],
    "bypass.gap.least" => [{"set.gap" => 4}, :stop],
    "bypass.gap.most" => [{"set.gap" => 17}, :watch],
    "bypass.guide" => [{"set.width" => 913.5}, :watch],
    "bypass.meet" => [{"set.panels" => 4, "set.pattern" => [2, 1, 1, 2], "set.kit" => :tight_meet}, :stop],
    "bypass.bay" => [{"survey.bays" => [[600, 1210]]}, :watch],
    "bypass.height" => [{"survey.heights" => {"left" => 2600, "middle" => 2600, "right" => 2600},
                         "survey.diagonals" => nil}, :stop]
  }

  # A kit sheet of the fitter's own with one value changed.
  def tight_meet
    JSON.parse(JSON.generate(YellowTrack::Numbers
      .rounded(YellowTrack::Files::Shelf.kits.fetch("twin-42").to_h.merge("meet_gap" => 1))))
  end

  it_behaves_like "a table of checks", raised

  wall = {"set.kit" => "bar-1", "set.pattern" => nil, "set.panels" => 1,
          "set.makeup" => [{"material" => "hollow core"}]}
  floor = {"set.kit" => "roll-36", "set.base_strip" => 12}

  # The same for what only panels on the wall or on the floor can have: the
  # set that has none of it, what raises it, at which level.
  carried = {
    "bypass.engage" => [floor, {"set.kit" => :deep_rail}, :stop],
    "bypass.lift" => [floor, {"set.kit" => :shallow_rail}, :stop],
    "bypass.fin" => [wall, {"set.gap" => 24}, :watch],
    "bypass.groove" => [wall, {"set.rail_thickness" => 18}, :watch],
    "bypass.cover" => [wall, {"set.width" => 1820}, :stop],
    "bypass.studs" => [wall.merge("survey.wall" => {"studs" => [-31]}), {"survey.wall" => {"studs" => []}}, :note],
    "bypass.standoff" => [wall, {"survey.wall" => {"projection" => 20}}, :note],
    "bypass.parking" => [wall, {"survey.beside" => {"right" => 1800}}, :stop],
    "bypass.header" => [wall, {"survey.wall" => {"studs" => [200, 800]}}, :watch],
    "bypass.nogging" => [wall, {"set.packing" => {"head" => 150}}, :watch],
    "bypass.above" => [wall, {"survey.above" => 113}, :stop],
    "guide.lift" => [{"set.guide" => "tongue", "set.tongue" => {"reach" => 8}},
      {"set.tongue" => {"reach" => 9}}, :watch],
    "guide.floor" => [{"set.guide" => "tongue"}, {"survey.covering" => {"thickness" => 8, "laid" => false}}, :watch]
  }

  # Floor kits whose channel holds too little or too much of a panel.
  def rail_with(design)
    sheet = YellowTrack::Numbers.rounded(YellowTrack::Files::Shelf.kits.fetch("roll-36").to_h)
    sheet.merge("rail" => sheet["rail"].merge("engagement" => {"least" => 8, "design" => design}))
  end

  def deep_rail = rail_with(9)

  def shallow_rail = rail_with(21)

  it_behaves_like "a table of checks", carried

  it "has a line here for every check there is" do
    expect(raised.keys + carried.keys).to match_array described_class.rules.map(&:first)
  end

  it "stops a set on the wall that covers its head by less than 10" do
    bare = {**wall, "set.cover" => {"head" => 9}}
    expect(codes(plan(**bare))).to include("bypass.cover" => :stop)
    expect(plan(**bare).checks.find { |check| check.code == "bypass.cover" }.says).to include("over the head")
    expect(codes(plan(**wall, "set.cover" => {"head" => 10}))).not_to include("bypass.cover")
  end

  it "says what has to be built where panels as they come are too low" do
    cure = ->(code, **changes) { plan(**changes).checks.find { |check| check.code == code }.do.tr("\u00A0", " ") }
    expect(cure["bypass.cover", **wall, "set.height" => 2000]).to match(/\ABuild the head down \d+ mm, or take taller/)
    rail = {"set" => {"family" => "bypass", "kit" => "roll-36", "thickness" => 20}, "set.height" => 2150}
    expect(cure["bypass.engage", **rail]).to match(/\AStand the rail \d+ mm higher on its strip\.\z/)
    thick = {"survey.covering" => {"thickness" => 12, "laid" => false}}
    expect(cure["bypass.gap.least", **rail, **thick]).to match(/\AStand the rail \d+ mm higher on a strip/)
  end

  it "watches a guide too long for the cover of a set without a lap" do
    expect(codes(plan(**wall, "set.cover" => {"side" => 20}))).to include("bypass.guide" => :watch)
    expect(codes(plan(**wall, "set.cover" => {"side" => 21}))).not_to include("bypass.guide")
  end

  it "watches a weight over 85 % of the limit, and inset that leaves the rollers too near" do
    expect(codes(plan("set.weighed" => 28))).to include("bypass.weight" => :watch)
    expect(codes(plan("set.inset" => 320))).to include("bypass.inset" => :stop)
  end

  it "stops at too little air, and lets a flush panel pass with none to spare" do
    wide = plan("set.kit" => tight_meet.merge("thickness" => [18, 60]), "set.thickness" => 40, "set.proud" => 0)
    expect(codes(wide)).to include("bypass.thickness" => :stop)
    expect(codes(wide)).not_to include("bypass.proud")
  end

  it "says what is wrong with its numbers and what to do, in the job's own unit" do
    check = plan("set.gap" => 4).checks.find { |found| found.code == "bypass.gap.least" }
    expect(check).to have_attributes(says: "The floor gap comes down to 4\u00A0mm along the travel; the least is " \
      "5\u00A0mm.",
      do: "Plan a floor gap of 5\u00A0mm, or level the floor.")
  end
end
