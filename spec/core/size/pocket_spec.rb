# frozen_string_literal: true

RSpec.describe YellowTrack::Pocket do
  sound = {
    "survey" => {"widths" => {"top" => 800, "middle" => 800, "bottom" => 800},
                 "heights" => {"left" => 2100, "middle" => 2100, "right" => 2100},
                 "floor" => [[0, 0], [800, 0]], "leans" => {"left" => 0, "right" => 0},
                 "beside" => {"left" => 1000, "right" => 1000},
                 "wall" => {"thickness" => 130}},
    "set" => {"family" => "pocket", "kit" => "pocket-90", "thickness" => 40, "service_side" => "room",
              "makeup" => [{"material" => "hollow core"}]}
  }

  define_method(:pocket) { |**changes| plan(**sound, **changes) }

  it "sizes a single panel: clear opening, strike and stay" do
    expect(pocket.set).to have_attributes(width: 826, stay: 18, height: 2100 - 88 - 9, depth: 840)
    expect(pocket.to_h["pocket"]).to include("rough_width" => 20 + 800 + 840 + 12, "rough_height" => 2100,
      "wall" => 40 + 14 + 40 + 25,
      "longest_screw" => 29.5)
  end

  it "lets the left-over come off the stay of a single, and join the meet of a double" do
    wider = {"survey.widths" => {"top" => 800.5, "middle" => 801, "bottom" => 801}}
    expect(pocket(**wider).set).to have_attributes(width: 826, stay: 17.5)
    expect(pocket(**wider, "set.leaves" => 2).set).to have_attributes(width: 416, stay: 18, meet: 4.5)
  end

  it "takes panels bought in a width as they are, the stay following" do
    expect(pocket("set.width" => 820).set.stay).to eq 12
    expect(pocket("set.width" => 420, "set.leaves" => 2).set).to have_attributes(meet: 4, stay: 22)
  end

  it "stands closed at the strike, whichever way it opens" do
    expect(pocket.set.panels.map(&:x)).to eq [-8]
    expect(pocket("set.opens" => "left").set.panels.map(&:x)).to eq [800 + 8 - 826]
    expect(pocket("set.leaves" => 2).set.panels.map(&:x)).to eq [-18, 800 + 18 - 416]
  end

  it "clears all but the nib" do
    open = pocket("set.nib" => 30, "survey.bays" => [[0, 100], [700, 800]])
    expect(open.set.widest).to eq 770
    expect(open.set.bays.map(&:reachable)).to eq [true, false]
    expect(open.set.bays.last.widest).to eq 70
  end

  raised = {
    "pocket.wall" => [{"survey.wall.thickness" => 118}, :stop],
    "pocket.services" => [{"survey.wall.services" => ["socket 300 up"]}, :stop],
    "pocket.load" => [{"survey.wall.bears_load" => true}, :stop],
    "pocket.beside" => [{"survey.beside.right" => 851}, :stop],
    "pocket.thickness" => [{"set.thickness" => 46}, :stop],
    "pocket.weight" => [{"set.weighed" => 66}, :stop],
    "pocket.height" => [{"survey.heights" => {"left" => 2700, "middle" => 2700, "right" => 2700}}, :stop],
    "pocket.stay" => [{"set.width" => 817}, :watch],
    "pocket.nib" => [{"set.nib" => 20}, :note],
    "pocket.service" => [{"set.service_side" => nil}, :watch],
    "pocket.gap.least" => [{"set.gap" => 4}, :stop],
    "pocket.gap.most" => [{"set.gap" => 21}, :watch]
  }

  it_behaves_like "a table of checks", raised, sound

  it "always tells the longest screw, and has a line here for every other check" do
    expect(codes(pocket)).to include("pocket.fixing" => :note)
    expect(raised.keys + ["pocket.fixing"]).to match_array described_class::Checks.rules.map(&:first)
  end

  it "stops a panel that is short of the pocket's mouth; a header lifts the load's stop" do
    expect(codes(pocket("set.width" => 807))).to include("pocket.stay" => :stop)
    expect(codes(pocket("survey.wall.bears_load" => true, "survey.wall.header" => true))).not_to include("pocket.load")
  end
end
