# frozen_string_literal: true

RSpec.describe "The drawings of what is prepared" do
  def svg(drawing) = Nokogiri::XML(drawing.to_s).remove_namespaces!

  def number(node, name) = node[name].to_f

  let(:printer) { plan.opening.printer }

  it "draw a slab and the panel cut from it, to one scale" do
    made = plan("set.slab" => {"width" => 926, "height" => 2300, "stile" => 95})
    set = made.set
    picture = svg(YellowTrack::Drawing::Altered.new(set.slab, width: set.width, height: set.height, printer:))
    slab, face = picture.at_css(".strip"), picture.at_css(".face")
    scale = number(slab, "width") / 926
    expect(number(slab, "height") / scale).to be_within(1).of(2300)
    expect(number(face, "width") / scale).to be_within(1).of(set.width)
    expect(number(face, "height") / scale).to be_within(1).of(set.height)
    expect(picture.css("line.hidden").length).to eq 2
    expect(picture.at_css("desc").text).to include("off the foot").and include("off each edge")
  end

  it "draw a lipping under a slab that is too short" do
    made = plan("set.slab" => {"width" => 921, "height" => 2170})
    picture = svg(YellowTrack::Drawing::Altered
      .new(made.set.slab, width: made.set.width, height: made.set.height, printer:))
    expect(picture.text).to include("lipping #{printer.short(made.set.slab.lipping)}")
  end

  it "draw a framed panel's members, and the parts go to the cut list" do
    made = plan("set.frame" => {"stile" => 90, "rails" => [90, 120, 180], "groove" => 12})
    frame = made.set.framed
    picture = svg(YellowTrack::Drawing::Framed.new(frame, width: made.set.width, height: made.set.height, printer:))
    expect(picture.css(".face").length).to eq 5
    expect(frame.rail_places.last.first).to be_within(0.001).of(0)
    parts = YellowTrack::Parts.new(made, "B")
    expect(parts.linear.map(&:material).tally).to include("frame 90" => 6, "frame 120" => 2, "frame 180" => 2)
    expect(parts.linear.find { |part| part.name == "stile of A" }.length).to eq made.set.height + 20
    expect(parts.sheets.map(&:code)).to eq %w[B-IA1 B-IA2 B-IB1 B-IB2]
    expect(made.working["prepare.framed.rail"].value).to eq frame.rail_length
  end

  it "draw packing layer by layer, and shims station by station" do
    build_up = YellowTrack::Prepare::BuildUp.new(31r).to_h
    picture = svg(YellowTrack::Drawing::Layers.new(build_up, printer, side: "left"))
    wide = picture.css(".strip").map { |layer| number(layer, "width") }
    expect(wide.map { |one| one / wide.sum })
      .to match(build_up[:layers].map { |layer| be_within(0.001).of((layer / build_up[:layers].sum).to_f) })
    stations = [{x: 0r, shim: 5r, layers: [5r]}, {x: 800r, shim: 0r, layers: []}]
    expect(svg(YellowTrack::Drawing::Shims.new(stations, printer)).css("rect.face").length).to eq 1
  end

  it "draw the bars of a cutting to one scale" do
    bars = [1800, 2400].map { |length| YellowTrack::Cutting::Bar.new(length: length.to_r, price: length.to_r) }
    pieces = [1700, 1200, 1100].each_with_index.map do |length, place|
      YellowTrack::Cutting::Piece.new(name: "A-T#{place + 1}", length: length.to_r)
    end
    cutting = YellowTrack::Cutting.new(bars:, pieces:)
    picture = svg(YellowTrack::Drawing::Bars.new(cutting.cuts, printer, name: "bars"))
    expect(picture.css("rect.face").length).to eq 3
    scale = number(picture.css("rect.bay").max_by { |bar| number(bar, "width") }, "width") / 2400
    expect(picture.css("rect.face").map { |piece| (number(piece, "width") / scale).round }.sort)
      .to eq [1100, 1200, 1700]
  end
end
