# frozen_string_literal: true

RSpec.describe YellowTrack::Makeup do
  def areal(*layers, thickness: 35r) = described_class.new(layers, thickness:).areal.sum

  it "knows what a square metre of each material weighs" do
    {"hollow core" => 9, "panelled softwood" => 15, "solid timber" => 35 * 0.62r, "fibreboard" => 35 * 0.75r,
     "chipboard" => 35 * 0.66r}
      .each { |material, kilos| expect(areal({"material" => material})).to eq(kilos), material }
    %w[glass mirror].each { |pane| expect(areal({"material" => pane, "thickness" => 4r})).to eq 10 }
  end

  it "does not know what nobody said: what it is made of, how thick a pane is, how thick a door of an unknown kit" do
    hollow = [{"material" => "hollow core"}]
    {nil => {}, [] => {}, [{"material" => "glass"}] => {}, [{"material" => "solid timber"}] => {told: false}}
      .each { |layers, rest| expect(described_class.new(layers, thickness: 35r, **rest)).not_to be_known }
    expect(described_class.new(hollow, thickness: 35r, told: false)).to be_known
    expect(described_class.new(nil, thickness: 35r, weighed: 20r)).to be_known
  end

  it "tells two at least, to be weighed, and no weight where it is not known" do
    made = plan("set.makeup" => nil)
    expect(made.set.weight).to be_nil
    expect(made.set.panels.map(&:hands).uniq).to eq [2]
    expect(made.to_h["panels"].first).not_to have_key(:weight)
    expect(made.checks.map(&:code)).to include("makeup.unknown")
    expect(made.checks.map(&:code)).not_to include("bypass.weight")
  end

  it "minds a solid foot and the wider stile of a slab that nobody said the make-up of" do
    slab = {"width" => 930, "height" => 2200, "stile" => 47}
    made = plan("set.makeup" => nil, "set.slab" => slab).set.slab
    expect(made.stile_least).to eq 45
    expect(made.foot_left).to eq 28 - made.height
  end

  it "adds layers up, each by its own thickness" do
    expect(areal({"material" => "mirror", "thickness" => 4r}, {"material" => "chipboard", "thickness" => 12r}))
      .to eq 10 + 12 * 0.66r
  end

  it "weighs a layer by the part of the face that it covers" do
    expect(areal({"material" => "glass", "thickness" => 4r, "share" => 0.5r})).to eq 5
  end

  it "weighs a framed panel by its stiles, rails and what fills it; a sight opening under nothing is none" do
    weigh = ->(**frame) {
      made = described_class.new([{"material" => "mirror", "thickness" => 4r}], thickness: 30r)
      made.weight(YellowTrack::Working.new, width: 812r, height: 2324r, frame: frame.transform_keys(&:to_s))
    }
    expect(weigh[stile: 70r, rails: [95r, 180r]]).to be_within(0.001).of(22.022)
    expect(weigh[stile: 70r, rails: [95r, 180r], wood: "hardwood"])
      .to be_within(0.001).of(22.022 + (2 * 70 * 2324 + 275 * 672) * 30 * 0.2 / 1e6)
    expect(weigh[stile: 500r, rails: [95r, 180r]]).to be_within(0.001).of(2 * 500 * 2324 * 30 * 0.5 / 1e6 + 0.6)
    expect(plan("set.weighed" => 21.5, "set.frame" => {"stile" => 70}).set.weight).to eq 21.5r
  end

  it "lets the scales win" do
    expect(plan("set.weighed" => 21.5).set.weight).to eq 21.5r
  end

  it "counts hands by weight, glass, height and width" do
    wood = described_class.new([{"material" => "hollow core"}], thickness: 35r)
    glass = described_class.new([{"material" => "glass", "thickness" => 4r}], thickness: 4r)
    expect(wood.hands(18, width: 900, height: 2000)).to eq 1
    expect(wood.hands(18.1, width: 900, height: 2000)).to eq 2
    expect(wood.hands(5, width: 900, height: 2301)).to eq 2
    expect(wood.hands(5, width: 1001, height: 2000)).to eq 2
    expect(wood.hands(41, width: 900, height: 2000)).to eq 3
    expect(glass.hands(5, width: 300, height: 600)).to eq 2
  end
end
