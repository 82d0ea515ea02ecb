# frozen_string_literal: true

RSpec.describe YellowTrack::Drilling do
  fold = {"family" => "bifold", "kit" => "fold-34", "panels" => 4, "thickness" => 35}

  it "puts hangers where the plan puts rollers" do
    made = plan
    drilling = described_class.of(made).first
    expect(drilling.holes.map { |hole| [hole.for, hole.edge, hole.x] }).to eq(made.set.panels.first.rollers.map { |x| ["hanger", "top", x] })
  end

  it "puts a bottom-rolling set's rollers in the foot" do
    made = plan("set" => {"family" => "bypass", "kit" => "roll-36", "pattern" => [2, 1], "thickness" => 20})
    expect(described_class.of(made).first.holes.map(&:edge).uniq).to eq ["bottom"]
  end

  it "drills a bifold's pivots from the outer edge, its hinges on the edges that meet" do
    made = plan("set" => fold)
    width = made.set.width
    pivot, lead, = described_class.of(made)
    expect(pivot.holes.select { |hole| hole.for == "top pivot" }.map { |hole| [hole.x, hole.diameter, hole.depth] }).to eq [[34, 10, 26]]
    expect(lead.holes.find { |hole| hole.for == "guide pin" }.x).to eq width - 34
    expect(pivot.holes.select { |hole| hole.for.start_with?("hinge") }.map { |hole| [hole.x, hole.y] }).to eq(made.set.hinges.map { |y| [width, y] })
    expect(lead.holes.select { |hole| hole.for.start_with?("hinge") }.map(&:x).uniq).to eq [0]
    expect(lead.holes.find { |hole| hole.for == "handle" }).to have_attributes(x: made.set.handle_at, y: 980 - made.set.gap)
  end

  it "grooves the foot for a fin, and only for a fin" do
    hung = {"family" => "bypass", "kit" => "bar-3", "pattern" => [1, 2, 3], "thickness" => 35}
    expect(described_class.of(plan("set" => hung)).first.grooves.first).to have_attributes(edge: "bottom", width: 7)
    expect(described_class.of(plan("set" => hung.merge("guide" => "side"))).first.grooves).to be_empty
  end

  Kinds::ALL.each_key do |kind|
    it "keeps every hole on its panel: #{kind}" do
      made = plan_of(document_of(kind, Random.new(RSpec.configuration.seed)))
      described_class.of(made).each do |drilling|
        expect(drilling.holes.map(&:x)).to all be_between(0, drilling.panel.width)
        expect(drilling.holes.filter_map(&:y)).to all be_between(0, drilling.panel.height)
        picture = Nokogiri::XML(YellowTrack::Drawing::PanelFace.new(drilling, made.opening.printer, code: "A-D").to_s).remove_namespaces!
        expect(picture.css(".hole").length).to eq drilling.holes.length
        face = picture.at_css(".face")
        expect(face["height"].to_f / face["width"].to_f).to be_within(0.01).of((drilling.panel.height / drilling.panel.width).to_f)
      end
    end
  end
end
