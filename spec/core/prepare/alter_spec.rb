# frozen_string_literal: true

RSpec.describe YellowTrack::Alter do
  def slab(width, height, **rest)
    plan("set.slab" => {"width" => width, "height" => height, **rest.transform_keys(&:to_s)})
  end

  it "takes the height off the foot and the width off both edges" do
    expect(slab(926, 2200).to_h["alter"]).to eq("height" => 9, "width" => 5, "lipping" => 0)
  end

  it "lips a slab that is too short, 3 over for planing" do
    expect(slab(926, 2180).to_h["alter"]).to eq("height" => 0, "width" => 5, "lipping" => 14)
  end

  it "has five checks, all raised below" do
    expect(described_class::Checks.rules.map(&:first))
      .to eq %w[alter.block alter.stile alter.lipping alter.narrow alter.none]
  end

  it "raises each of its checks where it belongs" do
    expect(codes(slab(926, 2220))).to include("alter.block" => :watch)
    expect(codes(slab(926, 2200))).not_to include("alter.block")
    expect(codes(slab(961, 2200, stile: 49))).to include("alter.stile" => :stop)
    expect(codes(slab(961, 2200, stile: 50))).not_to include("alter.stile")
    expect(codes(slab(926, 2130))).to include("alter.lipping" => :watch)
    expect(codes(slab(920, 2200))).to include("alter.narrow" => :stop)
    expect(codes(slab(921, 2191))).to include("alter.none" => :note)
  end
end
