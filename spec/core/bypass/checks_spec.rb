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
    "bypass.tall" => [{"survey.widths" => {"top" => 1000, "middle" => 1000, "bottom" => 1000}, "survey.diagonals" => nil}, :watch],
    "bypass.gap.least" => [{"set.gap" => 4}, :stop],
    "bypass.gap.most" => [{"set.gap" => 17}, :watch],
    "bypass.guide" => [{"set.width" => 913.5}, :watch],
    "bypass.meet" => [{"set.panels" => 4, "set.pattern" => [2, 1, 1, 2], "set.kit" => :tight_meet}, :stop],
    "bypass.bay" => [{"survey.bays" => [[600, 1210]]}, :watch],
    "bypass.height" => [{"survey.heights" => {"left" => 2600, "middle" => 2600, "right" => 2600}, "survey.diagonals" => nil}, :stop]
  }

  # A kit sheet of the fitter's own with one value changed.
  def tight_meet = JSON.parse(JSON.generate(YellowTrack::Numbers.rounded(YellowTrack::Data::Shelf.kits.fetch("twin-42").to_h.merge("meet_gap" => 1))))

  raised.each do |code, (change, level)|
    it "raises #{code} as #{level}, and only where it belongs" do
      change = change.transform_values { |value| (value == :tight_meet) ? tight_meet : value }
      expect(codes(plan)).not_to include(code)
      expect(codes(plan(**change))).to include(code => level)
    end
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
    expect(check).to have_attributes(says: "The floor gap comes down to 4\u00A0mm along the travel; the least is 5\u00A0mm.",
      do: "Plan a floor gap of 5\u00A0mm, or level the floor.")
  end
end
