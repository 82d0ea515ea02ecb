# frozen_string_literal: true

RSpec.describe YellowTrack::Drilling do
  fold = {"family" => "bifold", "kit" => "fold-34", "panels" => 4, "thickness" => 35}

  it "puts hangers where the plan puts rollers" do
    made = plan
    drilling = described_class.of(made).first
    at = ->(name) { drilling.holes.select { |hole| hole.for == name && hole.edge == "top" }.map(&:x) }
    rollers = made.set.panels.first.rollers
    expect(at["hanger"]).to eq rollers
    expect(at["hanger's edge"]).to eq(rollers.flat_map { |x| [x - 30, x + 30] })
    expect(drilling.holes.select { |hole| hole.for == "hanger's edge" }.map(&:pilot)).to all be_nil
  end

  it "bores a pull in the middle of the free stile, at the handles' height" do
    marks = ->(**changes) {
      made = plan(**changes)
      [made, described_class.of(made)
        .map { |one| one.holes.select { |hole| hole.for == "pull" }.map { |hole| [hole.x, hole.y] } }]
    }
    made, pulls = marks["set.handle_height" => 1000, "set.frame" => {"stile" => 80}]
    expect(pulls).to eq [[[40, 1000 - made.set.gap]], [[made.set.width - 40, 1000 - made.set.gap]]]
    _, four = marks["set.kit" => "quad-42", "set.panels" => 4, "set.pattern" => [2, 1, 1, 2]]
    expect(four.map { |places| places.map { |x, _| x < 100 } }).to eq [[true], [false], [true], [false]]
    _, three = marks["set.panels" => 3, "set.pattern" => [2, 1, 2]]
    expect(three[1].length).to eq 2
  end

  it "puts a bottom-rolling set's rollers in the foot" do
    made = plan("set" => {"family" => "bypass", "kit" => "roll-36", "pattern" => [2, 1], "thickness" => 20})
    expect(described_class.of(made).first.holes.select { |hole| hole.for == "roller" }.map(&:edge))
      .to eq %w[bottom bottom]
  end

  describe "of a bifold" do
    let(:made) { plan("set" => fold) }
    let(:views) { described_class.of(made).to_h { |one| [[one.panel.name, one.face], one] } }

    def marks(view, purpose) = view.holes.select { |hole| hole.for == purpose }

    it "gives each face that is marked a view of its own, its edges by their names as seen from it" do
      expect(views.keys).to eq %w[A B C D].product(%w[room closet])
      expect(views.transform_values(&:edges))
        .to include(["A", "room"] => ["pivot edge", "hinge edge"], ["A", "closet"] => ["hinge edge", "pivot edge"],
          ["B", "room"] => ["hinge edge", "lead edge"], ["B", "closet"] => ["lead edge", "hinge edge"],
          ["D", "closet"] => ["pivot edge", "hinge edge"])
    end

    it "drills pivots and guide pins from the edge they stand at, the room's face up" do
      expect(marks(views[%w[A room]], "top pivot").map { |hole| [hole.x, hole.diameter, hole.depth] })
        .to eq [[34, 10, 26]]
      expect(marks(views[%w[B room]], "guide pin").map(&:x)).to eq [34]
      expect(views.select { |(_, face), _| face == "closet" }.values.flat_map(&:holes).map(&:edge).uniq).to eq ["face"]
    end

    it "puts hinges on the closet face, at the edge away from the pivot and from the lead" do
      width = made.set.width
      views.each do |(_, face), view|
        expect(marks(view, "hinge").map { |hole| [hole.x, hole.y] })
          .to eq((face == "closet") ? made.set.fitted.hinges.map { |y| [width, y] } : [])
      end
      expect(marks(views[%w[B room]], "handle"))
        .to match [have_attributes(x: width - made.set.fitted.handle_at, y: 980 - made.set.gap)]
      expect(marks(views[%w[C closet]], "aligner")).to match [have_attributes(x: 0, y: 300)]
    end

    it "draws a datum at the right of the view at the right" do
      drawn = Nokogiri::XML(YellowTrack::Drawing::PanelFace.new(views[%w[A closet]], made.opening.printer, code: "A-DA")
        .to_s).remove_namespaces!
      face = drawn.at_css(".face")
      expect(drawn.at_css(".datum")["x1"].to_f).to be_within(0.1).of(face["x"].to_f + face["width"].to_f)
    end
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
        picture = Nokogiri::XML(YellowTrack::Drawing::PanelFace.new(drilling, made.opening.printer, code: "A-D").to_s)
          .remove_namespaces!
        expect(picture.css(".hole").length).to eq drilling.holes.count(&:pilot)
        face = picture.at_css(".face")
        expect(face["height"].to_f / face["width"].to_f).to be_within(0.01)
          .of((drilling.panel.height / drilling.panel.width).to_f)
      end
    end
  end
end
