# frozen_string_literal: true

require "support/share"

RSpec.describe YellowTrack::Bypass do
  it "sizes the handbook's pair: 919 wide for 1 806 and a lap of 32" do
    set = plan("survey.widths" => {"top" => 1806, "middle" => 1806, "bottom" => 1806}, "survey.floor" => nil,
      "set.lap" => 32).set
    expect(set).to have_attributes(width: 919, lap: 32)
    expect(set).to have_attributes(height: 2240 - 39 - 9, gap: 9)
  end

  it "lets the left-over of rounding go to the lap and to the floor gap" do
    set = plan("survey.widths.top" => 1807, "survey.floor" => nil, "survey.heights.middle" => "2239.5").set
    expect(set).to have_attributes(width: 920, lap: 33)
    expect(set.gap).to eq 9.5
  end

  it "rounds up where rounding down would leave less than the least lap" do
    set = plan("survey.widths.top" => 1807, "set.lap" => 22).set
    expect(set).to have_attributes(width: 915, lap: 23)
  end

  it "says how much packing ready-made panels need" do
    check = plan("set.width" => 900).checks.find { |found| found.code == "bypass.lap.short" }
    expect(check.do).to eq "Pack 42\u00A0mm in all, half at each jamb; 30 to 78\u00A0mm will do."
    expect(plan("set.width" => 900).to_h["packing"]).to include("least" => 30, "design" => 42, "most" => 78)
  end

  it "guides by the fitter's school, with the kit's fin, his own or the usual" do
    hung = {"family" => "bypass", "kit" => "bar-3", "pattern" => [1, 2, 3], "thickness" => 35}
    expect(plan("set" => hung).set.guides).to have_attributes(kind: "groove", groove_width: 7)
    expect(plan("set" => hung.merge("guide" => "side")).set.guides).to have_attributes(kind: "side", groove_width: nil)
    expect(plan("set.guide" => "groove").set.guides).to have_attributes(kind: "groove", groove_width: 7, length: 18)
    expect(plan("set.guide" => "groove", "set.fin" => {"width" => 4, "length" => 30}).set.guides)
      .to have_attributes(groove_width: 6, length: 30)
    expect(plan("set" => hung.merge("guide" => "side")).to_h["guide"])
      .to eq("kind" => "side", "length" => 18, "groove" => nil, "tongue" => nil)
    expect(plan.to_h).not_to have_key("guide")
  end

  it "places the guide in the middle of the lap, panels closed" do
    expect(plan.set.laps.map(&:guide_at)).to eq [904]
  end

  it "cuts the track at the head, less packing and clearances" do
    expect(plan("set.packing" => {"left" => 6, "right" => 4}).set.track.length).to eq 1808 - 10 - 3
  end

  it "opens the run less one panel, and shows which bays come clear" do
    set = plan("survey.bays" => [[0, 600], [600, 1210], [1210, 1808]]).set
    expect(set.widest).to eq 1808 - 921
    expect(set.bays.map(&:reachable)).to eq [true, false, true]
    expect(set.bays[1].widest).to eq 289
    expect(plan.set.moves("B" => 100).windows).to eq [[1021, 1808]]
    expect(plan.set.moves.windows).to eq []
  end

  it "refuses what is not built or does not fit, by key and in plain words" do
    {{"set.family" => "bifold"} => /set.kit: twin-42 is a bypass kit and the family is bifold/,
     {"set.kit" => "none"} => /set.kit: "none" is no kit/,
     {"set.panels" => 3} => /set.pattern: \[2, 1\] names 2 panels and 3/,
     {"set.pattern" => [3, 1]} => /set.pattern: .*lane 3 and the kit has 2/,
     {"set.pattern" => [1, 1]} => /set.pattern: \[1, 1\] has no lap/,
     {"survey.widths.top" => nil} => /survey.widths.top: not read yet/}.each do |change, words|
      expect { plan(**change) }.to raise_error(YellowTrack::Fault, words)
    end
  end

  describe "over random openings" do
    let(:random) { Random.new(RSpec.configuration.seed) }

    def each_plan(count = 225)
      Share.count(count).times do
        document = random_document(random, noise: 1.0)
        yield YellowTrack::Plan.of(YellowTrack::Files::Shelf.opening(document)), document
      end
    end

    it "fills the opening exactly: packing, bumpers, panels and laps" do
      each_plan do |made, _|
        set, sizing = made.set, made.sizing
        sum = sizing.packing("left") + sizing.packing("right") + 2 * set.bumper + set.panels.sum(&:width) - set.laps
          .sum(&:lap)
        expect(sum).to eq sizing.before_packing
        expect(set.panels.last.right).to eq set.run.finish
      end
    end

    it "never rounds up past what fits" do
      each_plan do |made, _|
        set = made.set
        expect(set.track.length).to be <= made.survey["widths.top"] - 3
        expect(set.height + set.gap + 39).to eq made.figures.level_height
        expect(set.gap).to be >= (set.opening["gap"])
        expect([set.width, set.height, set.track.length].map { |cut| cut % 1 }).to all eq 0
      end
    end

    it "gives every number a working that comes to it" do
      each_plan(60) do |made, _|
        made.working.entries.each { |entry| expect(entry.again).to eq(entry.value), entry.key }
      end
    end

    it "never shrinks a panel when the opening grows" do
      each_plan(90) do |made, document|
        grown = document["survey"].merge("widths" => document["survey"]["widths"]
          .transform_values { |width| width + 1 })
        larger = YellowTrack::Plan.of(YellowTrack::Files::Shelf.opening(document.merge("survey" => grown)))
        expect(larger.set.width).to be >= made.set.width
      end
    end

    it "keeps each panel's floor gap over its travel within reach of its readings" do
      each_plan(90) do |made, _|
        made.set.panels.each do |panel|
          expect(panel.travel_gap.least).to be <= panel.gap.least
          expect(panel.travel_gap.most).to be >= panel.gap.most
          expect(panel.travel_gap.least).to be >= made.set.gap
        end
      end
    end

    it "keeps panels apart along their lanes and across them, wherever they stand" do
      Kinds::ALL.keys.grep(/hung|rolling/).each do |kind|
        4.times do
          made = plan_of(document_of(kind, random))
          set = made.set
          next if codes(made).key?("bypass.thickness")

          set.panels.combination(2) { |one, other| expect_apart(set, one, other) }
        end
      end
    end

    # Two panels as solids, each where it stands closed and at both ends of its
    # travel, a neighbour of its lane pushed out of its way.
    def expect_apart(set, one, other)
      if one.lane == other.lane
        expect(other.travel.first - one.travel.first).to be >= one.width
        expect(other.x).to be >= one.right
      else
        expect((one.lane - other.lane).abs * (set.air + set.thickness) - set.thickness).to be >= 3
      end
    end
  end
end
