# frozen_string_literal: true

RSpec.describe YellowTrack::Survey::Checks do
  # Each check: what raises it, at which level; the opening to start from has
  # none of them.
  raised = {
    "survey.suspect" => [{"survey.diagonals.rising" => 2910}, :stop],
    "survey.open" => [{"survey.diagonals" => nil, "survey.leans" => nil}, :watch],
    "survey.unchecked" => [{"survey.leans" => nil, "survey.floor" => nil, "survey.diagonals.falling" => nil}, :note],
    "survey.lone" => [{"survey.leans" => nil, "survey.floor" => nil, "survey.diagonals.falling" => nil,
                       "survey.diagonals.rising" => 2882, "set.fit" => "plumb"}, :watch],
    "survey.taper" => [{"survey.widths.bottom" => 1813}, :watch],
    "survey.bow" => [{"survey.widths.middle" => 1812}, :watch],
    "survey.sag" => [{"survey.heights.middle" => 2237}, :watch],
    "survey.fall" => [{"survey.floor" => [[0, 0], [1810, 6]]}, :watch],
    "survey.level" => [{"survey.floor" => nil}, :note],
    "survey.covering" => [{"survey.covering" => {"thickness" => 9, "laid" => false}}, :watch],
    "survey.range" => [{"survey.widths.middle" => 9000}, :stop],
    "survey.spread" => [{"survey.heights.left" => 2303.5}, :stop],
    "survey.planned" => [{"survey" => {"planned" => true}, "set.width" => 900, "set.height" => 2100}, :note]
  }
  sound = {"survey.widths.bottom" => 1810, "survey.floor" => [[0, 0], [1812, 4]], "survey.heights.middle" => 2242}

  it_behaves_like "a table of checks", raised, sound

  it "has a line here for every check there is" do
    expect(raised.keys).to match_array described_class.rules.map(&:first)
  end

  it "stops a set that is to follow a jamb which leans more than its panels can be rocked" do
    leaning = {"survey.leans" => {"left" => 40, "right" => -2}, "survey.diagonals" => nil}
    expect(codes(plan(**leaning))).to include("survey.taper" => :stop)
    expect(codes(plan(**leaning, "set.fit" => "plumb"))["survey.taper"]).not_to eq :stop
  end

  it "stops a set that one diagonal alone would size: a slip is likelier than such a jamb" do
    slip = {"survey.leans" => nil, "survey.floor" => nil, "survey.diagonals" => {"rising" => 2980},
            "set" => {"family" => "bifold", "kit" => "fold-34", "panels" => 4, "thickness" => 35}}
    made = plan(**slip)
    expect(codes(made)).to include("survey.lone" => :stop)
    expect(made.sizing.width).to eq made.figures.tightest_width
    expect(codes(plan(**slip, "survey.diagonals" => {"rising" => 2980, "falling" => 2788})))
      .not_to include("survey.lone")
  end

  it "tells a set on the wall by its cover, never to pack or to rock" do
    check = plan("set" => {"family" => "bypass", "kit" => "bar-1", "pattern" => [1]}, "survey.widths.bottom" => 1818)
      .checks.find { |found| found.code == "survey.taper" }
    expect("#{check.says} #{check.do}").to match(/least cover beyond a jamb is \d+/)
    expect("#{check.says} #{check.do}").not_to match(/pack|rock/i)
  end

  it "names both jambs, the slip's size, and what to do" do
    check = plan("survey.diagonals.rising" => 2910).checks.find { |found| found.code == "survey.suspect" }
    expect(check.says).to match(/rising diagonal by about \d+(\.\d)?\u00A0mm/)
    expect(check.do).to match(/\AMeasure the rising diagonal.* again\.\z/)
  end
end
