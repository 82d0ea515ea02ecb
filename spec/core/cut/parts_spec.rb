# frozen_string_literal: true

RSpec.describe YellowTrack::Parts do
  def parts(**changes) = described_class.new(plan(**changes), "C")

  fold = {"family" => "bifold", "kit" => "fold-34", "panels" => 4, "thickness" => 35,
          "half_jamb" => {"thickness" => 22}, "casing" => {"width" => 70},
          "packing" => {"left" => 20}}

  it "gives each part a short code and the plan's own length" do
    made = plan
    list = described_class.new(made, "C")
    expect(list.linear.map { |part| [part.code, part.material, part.length] })
      .to eq [["C-T1", "Twin lane 42 track", made.set.track.length]]
    expect(list.sheets.map { |sheet| [sheet.code, sheet.width, sheet.height] }).to eq made.set.panels
      .map { |panel| ["C-D#{panel.name}", panel.width, panel.height] }
  end

  it "takes in half jambs, casing to its long points, and every layer of the packing" do
    list = parts("set" => fold)
    expect(list.linear.group_by(&:material).transform_values(&:length))
      .to include("half jamb 22" => 3, "casing 70" => 3, "Fold 34 track" => 2)
    layers = plan("set" => fold).prepare.to_h[:packing][:left][:layers]
    expect(list.linear.count { |part| part.code.start_with?("C-P") }).to eq layers.length
    expect(list.linear.map(&:code).uniq).to eq list.linear.map(&:code)
  end

  it "takes in a floor rail with its base strip" do
    rolling = {"family" => "bypass", "kit" => "roll-36", "pattern" => [2, 1], "thickness" => 20, "base_strip" => 12}
    expect(parts("set" => rolling).linear.map(&:name)).to include("floor rail", "base strip")
  end

  it "takes in a header board, a rail for every open lane, and a pelmet round them" do
    hung = {"family" => "bypass", "kit" => "bar-3", "pattern" => [1, 2, 3], "thickness" => 35, "header_board" => true,
            "pelmet" => {"height" => 120, "thickness" => 18}}
    list = parts("set" => hung)
    expect(list.linear.group_by(&:name).transform_values(&:length))
      .to include("track" => 3, "header board" => 1, "pelmet, front" => 1, "pelmet, left return" => 1)
    expect(list.linear.find { |part| part.name == "header board" }).to have_attributes(material: "board 140 × 20")
  end

  it "frames a head that is built down, and packs one that is packed" do
    tall = {"survey.heights" => {"left" => 2400, "middle" => 2400, "right" => 2400},
            "survey.wall" => {"thickness" => 100, "board" => 12.5}, "survey.floor" => nil}
    framed = parts(**tall, "set.height" => 2040)
    expect(framed.linear.select { |part| part.code.start_with?("C-F") }.map(&:material).uniq).to eq ["framing 75 × 38"]
    expect(framed.sheets.map(&:name)).to include("board of the head, room face")
    packed = parts(**tall, "set.height" => 2300)
    expect(packed.linear.select { |part| part.name == "packer, head" }.map(&:length).uniq).to eq [1808]
  end

  it "marks what waits for the track, where heights are cut on site" do
    expect(parts("set.height_cut" => "site").sheets.map(&:waits)).to all be true
    expect(parts.sheets.map(&:waits)).to all be false
  end

  Kinds::ALL.each_key do |kind|
    it "has every track of the plan, and no part of no length: #{kind}" do
      made = plan_of(document_of(kind, Random.new(RSpec.configuration.seed)))
      list = described_class.new(made, "A")
      expect(list.linear.select { |part| part.name == "track" }.map(&:length))
        .to eq made.set.track.pieces * made.set.rails
      expect(list.linear.map(&:length)).to all be_positive
    end
  end
end
