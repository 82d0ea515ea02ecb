# frozen_string_literal: true

RSpec.describe "The drawings" do
  let(:set) { plan("survey.bays" => [[0, 600], [600, 1210], [1210, 1808]]) }
  let(:printer) { set.opening.printer }
  let(:closed) { set.set.moves }

  def svg(drawing) = Nokogiri::XML(drawing.to_s).remove_namespaces!

  def number(node, name) = node[name].to_f

  it "draw the elevation in real proportion, track, rollers and guide with it" do
    picture = svg(YellowTrack::Drawing::Elevation.of(set, closed, printer))
    faces = picture.css(".face")
    expect(faces.length).to eq 2
    faces.each { |face| expect(number(face, "height") / number(face, "width")).to be_within(0.001).of(2191 / 921.0) }
    expect(picture.css("circle.runs").length).to eq 4
    expect(number(picture.at_css(".track"), "width") / number(faces[0], "width")).to be_within(0.001).of(1805 / 921.0)
    expect(picture.css("text.figure").map(&:text)).to include("921.0")
  end

  Kinds::ALL.each_key do |kind|
    it "are to scale, from the front and from above: #{kind}" do
      made = plan_of(document_of(kind, Random.new(RSpec.configuration.seed)))
      moves = made.set.moves
      front = svg(YellowTrack::Drawing::Elevation.of(made, moves, made.opening.printer))
      faces = front.css(".panel > .face")
      expect(faces.length).to eq made.set.panels.length
      scale = number(front.at_css(".track"), "width") / made.set.track.length
      faces.each do |face|
        expect(number(face, "width") / scale).to be_within(2).of(made.set.width.to_f)
        expect(number(face, "height") / scale).to be_within(2).of(made.set.height.to_f)
      end
      drawing = YellowTrack::Drawing::Above.of(made, moves, made.opening.printer)
      wide = svg(drawing).css(".panel > .face").map { |face| face["points"] ? across(face) : number(face, "width") }
      expect(wide.map { |width| width * drawing.millimetres }).to all be_within(3).of(made.set.width.to_f)
    end
  end

  Kinds::ALL.each_key do |kind|
    it "cut head and foot across to one scale: #{kind}" do
      made = plan_of(document_of(kind, Random.new(RSpec.configuration.seed)))
      picture = svg(YellowTrack::Drawing::Sections.of(made, made.opening.printer))
      faces = picture.css(".face").map { |face| number(face, "width") }
      expect(faces.uniq.length).to eq 1
      expect(picture.css("text.figure").map(&:text))
        .to include(made.opening.printer.short(made.set.thickness), made.opening.printer.short(made.set.gap))
      expect(picture.to_s).not_to match(/NaN|Infinity/)
    end
  end

  it "draw a half jamb to scale, what it hides with it" do
    made = plan("set" => {"family" => "bifold", "kit" => "fold-34", "panels" => 2, "thickness" => 35,
                          "half_jamb" => {"thickness" => 22}})
    picture = svg(YellowTrack::Drawing::HalfJamb.new(made, printer))
    strip, face, pivot = picture.at_css(".strip"), picture.at_css(".face"), picture.at_css("circle.runs")
    scale = number(face, "height") / 35
    expect(number(strip, "width") / scale).to be_within(0.01).of(22)
    expect((number(face, "x") - number(strip, "x")) / scale).to be_within(0.01).of(made.set.gaps.side.to_f)
    expect((number(pivot, "cx") - number(strip, "x")) / scale).to be_within(0.01)
      .of(made.set.pivots.first - made.set.sizing.start)
    expect(picture.text).to include("hides #{printer.short(made.set.hidden)}")
  end

  def across(polygon)
    xs = polygon["points"].split.map { |point| point.split(",").first.to_f }
    xs.max - xs.min
  end

  it "draw a fold at its angle, the pin on the track, and the swept shape" do
    made = plan_of(document_of("bifold, two pairs", Random.new(7)))
    open = made.set.moves("fold" => 60)
    picture = svg(YellowTrack::Drawing::Above.of(made, open, printer))
    expect(picture.css(".panel.folds").length).to eq 4
    expect(picture.css("polyline.hidden").length).to eq 4
    line = number(picture.at_css(".runs-line"), "y1")
    expect(picture.css("circle.runs").map { |pin| number(pin, "cy") }).to all be_within(0.05).of(line)
  end

  it "draw the lanes to scale, with what is clear and which bays come clear" do
    open = YellowTrack::Drawing::Above.of(set, set.set.moves("B" => 0), printer)
    picture = svg(open)
    expect(picture.css(".panel .face").map { |face| (number(face, "width") * open.millimetres).round }).to eq [921, 921]
    expect(picture.css(".bay.clear").length).to eq 1
    expect(open.description).to eq "Clear 887\u00A0mm. Bay 3 clear. Bays 1, 2 shut."
  end

  it "draw the floor gap larger than life by the factor they say" do
    strip = YellowTrack::Drawing::FloorStrip.new(set, printer)
    picture = svg(strip)
    expect(picture.css("text.figure").map(&:text)).to eq %w[13.0 10.0 9.0]
    drop = picture.css("line.dimension").map { |line| number(line, "y2") - number(line, "y1") }
    expect(drop.max / drop.min).to be_within(0.02).of(13 / 9.0)
  end

  it "draw floor and head along the opening, larger than life by the factor they say, bays between" do
    profile = YellowTrack::Drawing::Profile.new(set, printer)
    picture = svg(profile)
    expect(picture.css("text.figure").map(&:text)).to eq %w[0 0 5 −4 −1 0]
    expect(picture.css(".bay").length).to eq 3
    floor = picture.css("polyline.cut").last["points"].split.map { |point| point.split(",").last.to_f }
    expect(floor.first - floor.last).to be_within(0.1).of(4 * profile.factor * 620 / 1812.0)
  end

  it "draw the opening's true shape with its faults larger than life, suspects lit" do
    slip = opening("survey.diagonals.rising" => 2910).survey
    shape = YellowTrack::Drawing::Shape.new(slip, YellowTrack::Survey::Closure.new(slip), printer)
    expect(shape.caption).to match(/faults × \d+/)
    expect(svg(shape).css(".suspect").map { |line| line["data-reading"] }).to include("diagonals.rising")
  end

  it "place every reading on the picture, and none on another" do
    [[300, 2400], [1800, 2200], [7000, 2000]].each do |width, height|
      survey = YellowTrack::Survey.new("widths" => {"top" => width.to_r}, "heights" => {"left" => height.to_r})
      places = YellowTrack::Drawing::Shape.new(survey, nil, printer).places
      expect(places.values.flatten).to all be_between(0, 100)
      places.values.combination(2) do |(x, y), (u, v)|
        expect((x - u).abs > 15 || (y - v).abs > 8).to be(true), "#{width}: #{[x, y]} and #{[u, v]}"
      end
    end
  end

  it "draw what there is when nothing is read yet" do
    blank = YellowTrack::Survey.new({})
    expect(YellowTrack::Drawing::Shape.new(blank, nil, printer).to_s).to include("none yet")
    expect(YellowTrack::Drawing::Thumbnail.new(YellowTrack::Desk::Outline.of(blank, nil), id: "t", title: "A").to_s)
      .to include("Nothing worked out yet")
  end

  it "have a text alternative with their numbers and carry no style" do
    [YellowTrack::Drawing::Elevation.of(set, closed, printer), YellowTrack::Drawing::Above.of(set, closed, printer),
      YellowTrack::Drawing::FloorStrip.new(set, printer)].each do |drawing|
      picture = svg(drawing)
      expect(picture.at_css("title").text).not_to be_empty
      expect(picture.at_css("desc").text).to match(/\d|Nothing/)
      expect(drawing.to_s).not_to match(/style=|-0\.0|NaN/)
    end
  end
end
