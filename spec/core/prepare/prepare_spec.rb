# frozen_string_literal: true

RSpec.describe YellowTrack::Prepare do
  describe YellowTrack::Prepare::BuildUp do
    def layers(target, **rest) = described_class.new(target.to_r, **rest).layers

    it "builds a thickness up from stock: fewest layers, the thicker first, a face that takes paint last" do
      expect(layers(38)).to eq [38]
      expect(layers(50)).to eq [38, 12]
      expect(layers(13)).to eq [1, 12]
      expect(layers(27)).to eq [2, 25]
      expect(layers(5)).to eq [4, 1]
      expect(layers(0)).to eq []
    end

    it "never goes over the target, and says a shortfall over a half" do
      short = described_class.new(40r, stock: [25r, 12r])
      expect(short.layers).to eq [25, 12]
      expect(short).to have_attributes(shortfall: 3, short?: true)
      expect(described_class.new(12.5r)).to have_attributes(shortfall: 0.5r, short?: false)
    end

    it "builds it up of what is sold in inches where inches are measured, never over it" do
      inches = YellowTrack::Prepare::BuildUp::STOCK_INCHES
      told = ->(mm) { layers(mm, stock: inches).map { |layer| layer/25.4r } }
      expect(told.call(50.8r)).to eq [1.5r, 0.5r]
      expect(told.call(20)).to eq [0.75r]
      expect(described_class.new(152r, stock: inches).layers.sum).to be_between(150.4, 152)
    end

    # Every stack of a thickness or less.
    def every_stack(target, stock)
      return [[]] if stock.empty?

      (0..(target / stock.first).floor).flat_map do |count|
        every_stack(target - count * stock.first, stock.drop(1)).map { |rest| [stock.first] * count + rest }
      end
    end

    it "comes to what trying every stack comes to" do
      random = Random.new(RSpec.configuration.seed)
      40.times do
        stock = Array.new(3) { random.rand(3..14).to_r }.uniq.sort.reverse
        target = random.rand(0..60).to_r
        best = every_stack(target, stock).max_by { |stack| [stack.sum, -stack.length, stack] }
        expect(described_class.new(target, stock:).layers.sort.reverse).to eq best
      end
    end
  end

  it "shims a base strip level at the ends, the middle and the quarters, and never over 400 apart" do
    strip = plan("set.kit" => "roll-36", "set.base_strip" => 18).to_h["prepare"]["base_strip"]
    expect(strip.map { |station| station["x"] }).to eq [0, 226, 452, 678, 904, 1130, 1356, 1582, 1808]
    expect(strip.first).to eq("x" => 0, "shim" => 4, "layers" => [3, 1])
    expect(strip.last["shim"]).to be_within(0.01).of(0.004)
  end

  it "gives layers and packers of an inch opening from inch stock; its file keeps to the stock that is usual" do
    document = JSON.parse(File.read("#{Cases::FOLDER}/bypass-tophung-3-inch.opening.json"))
    document["set"]["packing"] = {"left" => 2, "right" => 0}
    made = YellowTrack::Plan.of(YellowTrack::Files::Shelf.opening(document))
    layers = made.prepare.at_hand.dig(:packing, :left, :layers)
    expect(layers.map { |mm| mm/25.4r }).to eq [1.5r, 0.5r]
    expect(made.to_h["prepare"]["packing"]["left"]["layers"]).to eq [38, 12]
    packers = YellowTrack::Parts.new(made, "A").linear.select { |part| part.name.start_with?("packer") }
    expect(packers.map(&:material)).to eq ["packer 1 1/2", "packer 1/2"]
  end

  it "gives the layers of each jamb's packing" do
    expect(plan("set.packing" => {"left" => 13, "right" => 0}).to_h["prepare"]["packing"]).to eq(
      "left" => {"target" => 13, "layers" => [1, 12], "shortfall" => 0}
    )
  end

  it "cuts half jambs and casing of a bifold" do
    prepared = plan("set.family" => "bifold", "set.kit" => "fold-34", "set.panels" => 4, "set.pattern" => nil,
      "set.half_jamb" => {"thickness" => 20},
      "set.casing" => {"width" => 70}, "survey.covering" => {"thickness" => 10, "laid" => false}).to_h["prepare"]
    expect(prepared["half_jamb"]).to eq("thickness" => 20, "head" => 1808, "left" => 2243 - 30, "right" => 2244 - 30)
    expect(prepared["casing"]).to eq("head_short" => 1808 - 40 + 12, "head_long" => 1808 - 40 + 12 + 140,
      "leg" => 2229 - 20 + 6 + 70 - 3)
  end

  it "cuts half jambs' sides shorter by what packs the head" do
    jambs = ->(head) {
      plan("set.family" => "bifold", "set.kit" => "fold-34", "set.panels" => 4, "set.pattern" => nil,
        "set.half_jamb" => {"thickness" => 20}, "set.packing" => {"head" => head}).to_h["prepare"]["half_jamb"]
    }
    expect(jambs.call(0).slice("left", "right")).to eq("left" => 2243 - 20, "right" => 2244 - 20)
    expect(jambs.call(12).slice("left", "right")).to eq("left" => 2243 - 20 - 12, "right" => 2244 - 20 - 12)
  end

  it "says how much head to build down for the tallest panel, and where it ends" do
    tall = {"survey.heights" => {"left" => 2600, "middle" => 2600, "right" => 2600}, "survey.floor" => nil}
    expect(plan(**tall).to_h["prepare"]["built_down"]).to eq("height" => 2600 - 48 - 2450)
  end

  it "frames a head down over panels of a given height, its boards flush with the wall's" do
    tall = {"survey.heights" => {"left" => 2380, "middle" => 2380, "right" => 2380}, "survey.floor" => nil,
            "survey.wall" => {"thickness" => 100, "board" => 12.5}}
    hung = {"family" => "bypass", "kit" => "bar-1", "pattern" => [1, 1], "thickness" => 40, "height" => 2040}
    expect(plan(**tall, "set" => hung).to_h["prepare"]["built_down"])
      .to eq("height" => 375, "underside" => 2005, "frame" => 75, "plate" => 1808, "upright" => 299, "uprights" => 6)
    planned = plan(**tall, "set" => hung.merge("packing" => {"head" => 375}))
    expect(planned.to_h["build"]).to include("verdict" => "fits", "head" => 0)
    expect(planned.to_h["prepare"]["built_down"]).to include("height" => 375, "underside" => 2005)
  end

  it "sets a stand-off block behind every bracket" do
    hung = plan("set" => {"family" => "bypass", "kit" => "bar-3", "thickness" => 35},
      "survey.wall" => {"projection" => 50})
    expect(hung.to_h["prepare"]["standoff"])
      .to include("target" => 31, "count" => hung.set.track.holes.length, "layers" => [25, 6])
    expect(hung.set.fittings).to include("stand-off blocks" => hung.set.track.holes.length)
  end

  describe YellowTrack::Prepare::Stiffness do
    let(:head) { described_class.new(material: "softwood", breadth: 70, depth: 45, span: 1808) }

    it "works the sag out from the section and the span" do
      expect(head.sag(60)).to be_within(0.001).of(9.81 * 60 * 1808**3 / (48 * 8000 * 70 * 45**3 / 12.0))
      expect(described_class.new(material: "softwood", breadth: 70, depth: 45, span: 1808, plies: 2).sag(60))
        .to be_within(0.001).of(head.sag(60) / 2)
    end

    it "watches a sag over 1.5, or over half the way down" do
      expect(head.check(60, down: 6)).to have_attributes(code: "head.sag", level: :watch)
      deep = described_class.new(material: "softwood", breadth: 70, depth: 120, span: 1808)
      expect(deep.check(60, down: 6)).to be_nil
      expect(deep.check(60, down: 1)).to have_attributes(level: :watch)
    end

    it "refuses a material it does not know, and a head without a section" do
      expect { described_class.new(material: "straw", breadth: 1, depth: 1, span: 1) }
        .to raise_error(YellowTrack::Fault, /"straw" is no head.*softwood/)
      expect { described_class.new(material: "plywood", breadth: 0, depth: 1, span: 1) }
        .to raise_error(YellowTrack::Fault, /no stiffness/)
    end
  end

  describe YellowTrack::Prepare::FramedPanel do
    def panel(**changes)
      frame = {stile: 90r, rails: [90r, 120r, 150r], groove: 10r, tenon: 0r, solid: false, **changes}
      described_class.new(YellowTrack::Working.new, described_class::Frame.new(**frame), width: 600r, height: 2000r)
    end

    it "cuts stiles with horns, rails between them, infills into the grooves" do
      expect(panel).to have_attributes(stiles: 2020, rail_length: 420)
      expect(panel.infills).to eq([described_class::Infill.new(width: 438, height: 838)] * 2)
    end

    it "adds made tenons, and leaves solid wood room to move across the grain" do
      expect(panel(tenon: 30r).rail_length).to eq 480
      expect(panel(solid: true).infills.first).to have_attributes(width: 434, height: 838)
    end

    it "has no infill where stiles and rails leave no sight opening" do
      made = panel(stile: 600r)
      expect(made).to have_attributes(infills: [], fills?: false, rail_length: 0)
      expect(made.to_h[:infill]).to eq(width: 0, height: 0, count: 0)
    end
  end
end
