# frozen_string_literal: true

RSpec.describe YellowTrack::Makeup do
  def areal(*layers, thickness: 35r) = described_class.new(layers, thickness:).areal.sum

  it "knows what a square metre of each material weighs" do
    {"hollow core" => 9, "panelled softwood" => 15, "solid timber" => 35 * 0.62r, "fibreboard" => 35 * 0.75r,
     "chipboard" => 35 * 0.66r,
     "glass" => 87.5r, "mirror" => 87.5r}
      .each { |material, kilos| expect(areal({"material" => material})).to eq(kilos), material }
  end

  it "adds layers up, each by its own thickness" do
    expect(areal({"material" => "mirror", "thickness" => 4r}, {"material" => "chipboard", "thickness" => 12r}))
      .to eq 10 + 12 * 0.66r
  end

  it "lets the scales win" do
    expect(plan("set.weighed" => 21.5).set.weight).to eq 21.5r
  end

  it "counts hands by weight, glass, height and width" do
    wood = described_class.new([{"material" => "hollow core"}], thickness: 35r)
    glass = described_class.new([{"material" => "glass"}], thickness: 4r)
    expect(wood.hands(18, width: 900, height: 2000)).to eq 1
    expect(wood.hands(18.1, width: 900, height: 2000)).to eq 2
    expect(wood.hands(5, width: 900, height: 2301)).to eq 2
    expect(wood.hands(5, width: 1001, height: 2000)).to eq 2
    expect(wood.hands(41, width: 900, height: 2000)).to eq 3
    expect(glass.hands(5, width: 300, height: 600)).to eq 2
  end
end
