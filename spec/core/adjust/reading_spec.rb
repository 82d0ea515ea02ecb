# frozen_string_literal: true

RSpec.describe YellowTrack::Adjust::Reading do
  let(:printer) { YellowTrack::Length::Printer.derived(:mm) }

  def hung(changes = {}) = plan(**changes).set.readings

  def jambs(changes = {}) = hung(changes).to_h { |one| [one.name, one.jamb] }

  def fold(**more) = {"family" => "bifold", "kit" => "fold-34", "panels" => 2, **more.transform_keys(&:to_s)}

  it "reads each panel at the jamb that it closes to, unless the fitter says another" do
    expect(jambs).to eq("A" => "left", "B" => "right")
    expect(jambs("hung.B" => {"jamb" => "left"})["B"]).to eq "left"
    expect(jambs("set" => {"family" => "pocket", "kit" => "pocket-90", "opens" => "right"})).to eq("A" => "left")
    expect(jambs("set" => {"family" => "pocket", "kit" => "pocket-90", "opens" => "left"})).to eq("A" => "right")
    expect(jambs("set" => {"family" => "pocket", "kit" => "pocket-90", "leaves" => 2}))
      .to eq("A" => "right", "B" => "left")
    expect(hung("set" => {"family" => "pocket", "kit" => "pocket-90", "leaves" => 2}).map(&:edge)).to all eq "the meet"
  end

  it "has one answer for a rolling panel with its floor gaps read, from its opening and from a move file" do
    gaps = {"gaps" => {"top" => 9, "middle" => 7, "bottom" => 5}, "at" => {"left" => 0, "right" => 0},
            "floor" => {"left" => 12, "right" => 11}}
    rolling = {"family" => "bypass", "kit" => "roll-36", "pattern" => [2, 1], "thickness" => 20}
    made = plan("set" => rolling, "hung.A" => gaps).set
    panel, answer = made.panels.first, made.readings.first.answer
    file = {"format" => "yellow-track/move", "version" => 1, "kind" => "slider", "kit" => "roll-36", "jamb" => "left",
            "width" => panel.width.to_f, "height" => panel.height.to_f, **gaps}
    told = %w[move codes taper bow]
    expect(YellowTrack::Files::MoveFile.move(file).to_h.transform_keys(&:to_s).slice(*told))
      .to eq answer.to_h.transform_keys(&:to_s).slice(*told)
  end

  it "takes a folding pair at its pivot, by its pivot panel" do
    expect(jambs("set" => fold(hand: "left"))).to eq("A" => "left")
    expect(jambs("set" => fold(hand: "right"))).to eq("B" => "right")
    expect(jambs("set" => fold(panels: 4))).to eq("A" => "left", "D" => "right")
  end

  it "answers once every gap is read, and names those that are not" do
    part = {"gaps" => {"top" => 0, "bottom" => 6}}
    expect(hung("hung.B" => part).last).to have_attributes(missing: ["middle"], answer: nil)
    expect(hung("set" => fold, "hung.A" => {"gaps" => {"top" => 5, "bottom" => 5, "pivot" => 5}}).first.missing)
      .to eq ["lead"]
    expect(hung("hung.B" => {"gaps" => part["gaps"].merge("middle" => 3)}).last.answer)
      .to be_a(YellowTrack::Adjust::Slider)
  end

  it "keeps the floor gap of the plan where none was read, with the adjusters where they stand" do
    plain, raised, read = [{}, {"at" => {"left" => 2, "right" => 2}}, {"floor" => {"left" => 3.5}}].map do |hung|
      hung("hung.B" => hung).last.floor
    end
    set = plan.set
    expect(plain).to eq("left" => set.floor_gap.at(set.panels.last.x),
      "right" => set.floor_gap.at(set.panels.last.right))
    expect(raised.transform_values(&:to_r)).to eq(plain.transform_values { |gap| gap + 2 })
    expect(read["left"]).to eq 3.5r
    expect(read["right"]).to eq plain["right"]
  end

  it "reckons with the insets that the panels were drilled for" do
    gaps = {"gaps" => {"top" => 0, "middle" => 3, "bottom" => 6}}
    narrow = hung("hung.B" => gaps, "set.inset" => 120).last.answer
    expect(narrow.spacing).to eq plan.set.width - 240
    expect(narrow.move.turn).to eq 6r * narrow.spacing / plan.set.height
  end

  it "keeps a bottom-rolling panel in its channel, not off the floor" do
    rolling = {"family" => "bypass", "kit" => "roll-36", "pattern" => [2, 1], "thickness" => 20,
               "makeup" => [{"material" => "mirror", "thickness" => 4}]}
    deep = hung("set" => rolling, "hung.B" => {"gaps" => {"top" => 0, "middle" => 8, "bottom" => 16},
                                               "at" => {"left" => -4, "right" => 4.5}}).last.answer
    expect(deep.move).to be_nil
    expect(deep.lacking.keys).not_to include("adjust.floor")
  end

  it "writes every sum down as it was worked out, and the same as the answer" do
    random = Random.new(RSpec.configuration.seed)
    40.times do
      top, bottom = random.rand(0..16)/2r, random.rand(0..16)/2r
      jamb = %w[left right].sample(random:)
      one = hung("hung.B" => {"jamb" => jamb,
                              "gaps" => {"top" => top.to_f, "middle" => ((top + bottom) / 2).to_f,
                                         "bottom" => bottom.to_f}}).last
      next unless one.answer.move

      answer = one.answer
      turned = %w[left right].to_h { |side| [side, answer.done(side)] }
      work = answer.work
      left_over = answer.left_over(YellowTrack::Working.new, turned["right"] - turned["left"])
      expect(work.entries.map(&:again)).to eq work.entries.map(&:value)
      expect(work["adjust.taper"].value).to eq answer.taper
      expect(work["adjust.rise"].value).to eq answer.move.turn
      expect(left_over).to be_within(1e-9).of(answer.expected["top"] - answer.expected["bottom"])
    end
  end

  it "writes down a folding pair's sums too, by either school" do
    %w[top side].each do |school|
      one = hung("set" => fold(even: school),
        "hung.A" => {"gaps" => {"top" => 7, "bottom" => 4, "pivot" => 5, "lead" => 8}}).first
      answer = one.answer
      work = answer.work
      expect(work.entries.map(&:again)).to eq work.entries.map(&:value)
      expect(work["adjust.slide.top"].value).to eq answer.top_slide
      expect(work["adjust.slide.bottom"].value).to eq answer.bottom_slide
      expect(work["adjust.jack"].value).to eq answer.jack
      expect(work["adjust.tilt"]&.value).to eq((school == "top") ? answer.top_slide - answer.bottom_slide : nil)
    end
  end

  describe YellowTrack::Adjust::Checks do
    let(:learnt) { YellowTrack::Adjust::Learnt.new(YellowTrack::Files::Shelf.kits["twin-42"], []) }

    def checks(**hung)
      one = plan("hung.B" => hung.transform_keys(&:to_s)).set.readings.last
      YellowTrack::Adjust::Checks.of(one, one.answer, learnt, printer:).found
    end

    def gaps(top, middle, bottom) = {"top" => top, "middle" => middle, "bottom" => bottom}

    it "says nothing where one hanger closes it" do
      expect(checks(gaps: gaps(0, 3, 6))).to eq []
    end

    it "says each limit with by how much, and its cure" do
      found = checks(gaps: gaps(0, 6, 12), at: {"left" => -5, "right" => 5.5}, floor: {"left" => 7, "right" => 9})
      expect(found.map { |check| [check.code, check.level] })
        .to include(["adjust.floor", :stop], ["adjust.range", :stop])
      floor = found.find { |check| check.code == "adjust.floor" }
      expect(floor.do.tr("\u00A0", " "))
        .to match(/\ATrim [\d.]+ mm off the foot, or pack the jamb by what is left over, [\d.]+ mm\.\z/)
    end

    it "tells what is near the head from what is near the floor" do
      fold = plan("set" => {"family" => "bifold", "kit" => "fold-34", "panels" => 2},
        "hung.A" => {"gaps" => {"top" => 5, "bottom" => 5, "pivot" => 30, "lead" => 30}}).set.readings.first
      said = YellowTrack::Adjust::Checks.of(fold, fold.answer, learnt, printer:).found
      expect(said.map(&:code)).to contain_exactly("adjust.head", "adjust.range")
      expect(said.map(&:says).join).to include("The jack has no way left").and include("meets what is above it")
    end

    it "says of a bow that no screw takes it out" do
      expect(checks(gaps: gaps(0, 5, 1)).map { |check| [check.code, check.level] }).to eq [["adjust.bow", :watch]]
    end
  end
end
