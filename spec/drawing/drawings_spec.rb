# frozen_string_literal: true

RSpec.describe "The drawings" do
  let(:set) { plan("survey.bays" => [[0, 600], [600, 1210], [1210, 1808]]) }
  let(:printer) { set.opening.printer }
  def svg(drawing) = Nokogiri::XML(drawing.to_s).remove_namespaces!

  def number(node, name) = node[name].to_f

  def whole(made, moves = made.set.moves, live: false)
    YellowTrack::Drawing::Whole.new(made, moves, made.opening.printer, cut_printer: made.opening.cut_printer, live:)
  end

  # Panels of the front, and of the plan under it.
  def front(picture) = picture.css(".panel > rect.face, .panel > .face").select { |face| face["height"].to_f > 60 }

  it "draw the front with track, rollers and guide, a tall one broken in the middle" do
    picture = svg(whole(set))
    expect(front(picture).length).to eq 2
    expect(number(picture.at_css(".track"), "width") / number(front(picture)[0], "width")).to be_within(0.001)
      .of(1805 / 921.0)
    expect(picture.css(".torn").length).to eq 1
    expect(picture.css("text.figure").map { |text| text.text.gsub(/[^\d.]/, "") }).to include("921", "2191")
    low = plan("survey.heights" => {"left" => 700, "middle" => 700, "right" => 700}, "survey.diagonals" => nil,
      "survey.floor" => nil)
    face = front(svg(whole(low))).first
    expect(number(face, "height") / number(face, "width")).to be_within(0.01).of((low.set.height / low.set.width).to_f)
  end

  Kinds::ALL.each_key do |kind|
    it "stand a panel over its plan, on one scale: #{kind}" do
      made = plan_of(document_of(kind, Random.new(RSpec.configuration.seed)))
      drawing = whole(made)
      picture = svg(drawing)
      panels = picture.css(".panel[data-panel]").group_by { |panel| panel["data-panel"] }
      expect(panels.keys).to match_array made.set.panels.map(&:name)
      panels.each_value do |views|
        ends = views.map { |view| ends_of(view.at_css(".face")) }
        expect(ends[0]).to match [be_within(2).of(ends[1][0]), be_within(2).of(ends[1][1])]
        expect((ends[0][1] - ends[0][0]) * drawing.millimetres).to be_within(3).of(made.set.width.to_f)
      end
      expect(picture.to_s).not_to match(/NaN|Infinity/)
    end

    it "have head and foot cut across beside the front: #{kind}" do
      made = plan_of(document_of(kind, Random.new(RSpec.configuration.seed)))
      beside = svg(whole(made)).at_css(".beside")
      sections = svg(YellowTrack::Drawing::Sections.of(made, made.opening.printer))
      expect(beside.css("text.figure").map(&:text)).to match_array sections.css("text.figure").map(&:text)
      expect(beside.css(".face").length).to eq sections.css(".face").length
    end

    it "can be taken hold of, each grip with its place: #{kind}" do
      made = plan_of(document_of(kind, Random.new(RSpec.configuration.seed)))
      grips = svg(whole(made, live: true)).css("[role=slider]")
      expect(grips.map { |grip| grip["data-move"] }.uniq).to eq made.set.moves.all.map(&:name)
      expect(grips.map { |grip| grip["aria-valuetext"] }).to all match(/\d/)
      expect(svg(whole(made)).css("[role=slider]")).to be_empty
    end
  end

  def ends_of(face)
    return face["points"].split.map { |point| point.split(",").first.to_f }.minmax if face["points"]

    [number(face, "x"), number(face, "x") + number(face, "width")]
  end

  it "hatch what is clear within its bounds, and tell it" do
    picture = svg(whole(set, set.set.moves("A" => 400)))
    hatch = picture.css(".hatch")
    expect(hatch).not_to be_empty
    track = picture.at_css(".track")
    expect(hatch.flat_map { |line| [number(line, "x1"), number(line, "x2")] })
      .to all be_between(number(track, "x") - 1, number(track, "x") + number(track, "width"))
    expect(picture.css(".clear-word").map(&:text)).to include("400 clear")
    expect(svg(whole(set)).css(".hatch")).to be_empty
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

  it "draw a fold at its angle, the pin on the track, and the swept shape" do
    made = plan_of(document_of("bifold, two pairs", Random.new(7)))
    picture = svg(whole(made, made.set.moves("fold" => 60)))
    expect(picture.css("polygon.face").length).to eq 4
    expect(picture.css("polyline.hidden").length).to eq 4
    line = number(picture.at_css(".runs-line"), "y1")
    pins = picture.css("circle.runs").map { |pin| number(pin, "cy") }.select { |y| (y - line).abs < 3 }
    expect(pins.length).to eq 4
    expect(pins).to all be_within(0.05).of(line)
  end

  it "tell what is clear and which bays come clear" do
    open = whole(set, set.set.moves("B" => 0))
    expect(svg(open).css(".bay.clear").length).to eq 1
    expect(open.clear_words).to eq "Clear 887\u00A0mm. Bay 3 clear. Bays 1, 2 shut."
  end

  it "draw the floor gap larger than life by the factor they say, on the same scale" do
    drawing = whole(set)
    picture = svg(drawing)
    expect(picture.css("text.figure").map(&:text).to_a.last(3)).to eq %w[13.0 10.0 9.0]
    drop = picture.css("line.dimension").to_a.last(3).map { |line| number(line, "y2") - number(line, "y1") }
    expect(drop.max / drop.min).to be_within(0.02).of(13 / 9.0)
    expect(drop.max * drawing.millimetres / drawing.factor).to be_within(0.1).of(13)
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

  it "draw a fact dashed until it is read, and say how many are not" do
    around = ->(**read) { YellowTrack::Drawing::Surroundings.new(opening(**read).survey, printer) }
    blank = around.call("survey.depth" => nil)
    expect(blank.caption).to match(/not read yet \(11\)/)
    expect(svg(blank).css(".tape.unread").length).to be > 5
    read = around.call("survey.above" => 300, "survey.beside" => {"left" => 900, "right" => 0}, "survey.front" => 700,
      "survey.head" => {"of" => "timber"}, "survey.wall" => {"projection" => 0, "solid" => true, "thickness" => 100,
                                                             "services" => [], "bears_load" => false})
    expect(read.caption).to eq "All read"
    expect(svg(read).css("text.figure").map(&:text)).to include("900", "300", "700")
  end

  it "draw the opening to build, finished and rough" do
    made = plan("survey" => {"planned" => true}, "set.width" => 900, "set.height" => 2100)
    picture = svg(YellowTrack::Drawing::ToBuild.new(made, printer))
    expect(picture.css("text.figure").map { |text| text.text.gsub(/[^\d.]/, "") })
      .to match_array(%w[1766.0 2148.0 1826.0 2178.0])
  end

  it "draw what there is when nothing is read yet" do
    blank = YellowTrack::Survey.new({})
    expect(YellowTrack::Drawing::Shape.new(blank, nil, printer).to_s).to include("none yet")
    expect(YellowTrack::Drawing::Thumbnail.new(YellowTrack::Desk::Outline.of(blank, nil), id: "t", title: "A").to_s)
      .to include("Nothing worked out yet")
  end

  it "have a text alternative with their numbers and carry no style" do
    [whole(set), YellowTrack::Drawing::Sections.of(set, printer),
      YellowTrack::Drawing::Surroundings.new(set.survey, printer),
      YellowTrack::Drawing::KitPlaces.new(set.opening.kit.manner, {"D" => "drop", "1" => "1"})].each do |drawing|
      picture = svg(drawing)
      expect(picture.at_css("title").text).not_to be_empty
      expect(picture.at_css("desc").text).to match(/\d|Nothing/)
      expect(drawing.to_s).not_to match(/style=|-0\.0|NaN/)
    end
  end
end
