# frozen_string_literal: true

# A dimension on a drawing is as long as it says, on the drawing's own scale; nothing is drawn
# outside the picture, and no figure over another.
RSpec.describe "What is drawn" do
  def svg(drawing) = Nokogiri::XML(drawing.to_s).remove_namespaces!

  # Where a drawing's dimensions go from and to, with what they say: across and upright.
  def dimensions(drawing)
    told = {across: [], upright: []}
    told.each_key do |way|
      allow_any_instance_of(YellowTrack::Drawing::Dimension).to receive(way)
        .and_wrap_original do |made, from, to, at, **rest|
        told[way] << [(to - from).abs, rest[:figure].delete("\u00A0").to_f]
        made.call(from, to, at, **rest)
      end
    end
    drawing.to_s
    told
  end

  # Boxes of a picture's faces, walls and lines, as far as they are plain.
  def corners(picture)
    picture.css("rect").flat_map { |one|
      x, y, w, h = %w[x y width height].map { |key| one[key].to_f }
      [[x, y], [x + w, y + h]]
    } +
      picture.css("line").flat_map { |one| [[one["x1"].to_f, one["y1"].to_f], [one["x2"].to_f, one["y2"].to_f]] } +
      picture.css("text").reject { |one| one["transform"] }.map { |one| [one["x"].to_f, one["y"].to_f] }
  end

  def pictures(made)
    printer, set = made.opening.printer, made.set
    drawing = YellowTrack::Drawing
    {"to build" => (drawing::ToBuild.new(made, printer) if set.wanted),
     "sections" => drawing::Sections.of(made, printer),
     "whole" => drawing::Whole.new(made, set.moves, printer, cut_printer: made.opening.cut_printer),
     "half jamb" => (drawing::HalfJamb.new(made, printer) if set.respond_to?(:half_jamb) && set.half_jamb),
     "around" => drawing::Surroundings.new(made.survey, printer),
     "altered" => (drawing::Altered.new(set.slab, width: set.width, height: set.height, printer:) if set.slab.slab?),
     "small" => drawing::Thumbnail.new(YellowTrack::Desk::Outline.of(made.survey, made), id: "t", title: "t"),
     "profile" => drawing::Profile.new(made, printer),
     "shape" => drawing::Shape.new(made.survey, made.closure, printer)}.compact
  end

  def ratios(drawing) = dimensions(drawing).transform_values { |all| all.map { |units, mm| units / mm } }

  Kinds::ALL.each_key do |kind|
    it "has dimensions as long as they say, and stays inside: #{kind}" do
      made = plan_of(document_of(kind, Random.new(RSpec.configuration.seed)))
      all = pictures(made)
      all.each do |name, drawing|
        picture = svg(drawing)
        wide, high = picture.root["viewBox"].split.last(2).map(&:to_f)
        past = (name == "sections") ? 30 : 2 # of many lanes, into the room beside it
        out = corners(picture).reject { |x, y| x.between?(-2, wide + past) && y.between?(-2, high + 2) }
        expect(out).to eq([]), "#{name}: #{out.first(3)} of #{wide} × #{high}"
      end
      cut = ratios(all["sections"])
      scale = cut[:across].first
      expect(cut[:across]).to all be_within(0.02).of(scale)
      expect(cut[:upright].map { |one| one / scale }).to match [be_within(0.05).of(1), be_within(0.1).of(2)]
      whole = ratios(all["whole"])
      front = whole[:across].drop(cut[:across].length)
      expect(front).not_to be_empty
      expect(front).to all be_within(0.001).of(1 / all["whole"].millimetres)
      jamb = all["half jamb"] && ratios(all["half jamb"]).values.flatten
      expect(jamb).to all be_within(0.03).of(jamb.first) if jamb
      expect(svg(all["whole"]).css(".strip").length).to eq(jamb ? 6 : 0) if made.set.manner.folds?
    end
  end

  # Rectangles of a kind, left and right end, from the left.
  def ends(picture, css)
    picture.css("rect.#{css}").map { |one| [one["x"].to_f, one["x"].to_f + one["width"].to_f] }.sort
  end

  # What stands left in one stands right in the other, as far from the edge.
  Kinds::ALL.each_key do |kind|
    it "is the mirror's picture in a mirror: #{kind}" do
      document = document_of(kind, Random.new(RSpec.configuration.seed))
      one, other = [document, mirrored(document)].map { |read| svg(pictures(plan_of(read))["whole"]) }
      one.css(".beside").remove && other.css(".beside").remove
      %w[face strip runs].each do |css|
        sums = ends(one, css).zip(ends(other, css).map(&:reverse).sort.reverse).map { |(left, _),
          (right, _)| left + right
        }
        expect(sums.max - sums.min).to be < 3 if sums.any?
      end
    end
  end

  it "marks where a kit sheet is measured within its picture, whatever the kit" do
    keys = YAML.load_file("#{YellowTrack::ROOT}/data/kit_keys.yml").filter_map { |row| row["mark"] }.uniq
    YellowTrack::Manner::ROWS.each_value do |manner|
      picture = svg(YellowTrack::Drawing::KitPlaces.new(manner, keys.to_h { |key| [key, "here"] }))
      wide, high = picture.root["viewBox"].split.last(2).map(&:to_f)
      expect(corners(picture)).to all satisfy { |x, y| x.between?(-2, wide + 2) && y.between?(-2, high + 2) }
    end
  end

  it "stands a panel's letter over it, and breaks a tall front in its middle" do
    made = plan
    picture = svg(pictures(made)["whole"])
    middles = picture.css(".panel .face").map { |face| face["x"].to_f + face["width"].to_f / 2 }
    letters = picture.css("text.letter").map { |text| text["x"].to_f }
    expect(letters.zip(middles.first(letters.length))).to all satisfy { |letter, middle| (letter - middle).abs < 3 }
    torn = picture.at_css(".torn")["points"].split.map { |point| point.split(",").last.to_f }
    face = picture.at_css(".panel .face")
    middle = face["y"].to_f + face["height"].to_f / 2
    expect((torn.minmax.sum / 2 - middle).abs).to be < 12
  end
end
