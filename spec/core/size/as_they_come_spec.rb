# frozen_string_literal: true

require "support/share"

RSpec.describe "Doors as they come, walls as they are" do
  random_seed = -> { Random.new(RSpec.configuration.seed) }

  def fault_of(**changes)
    plan(**changes)
    nil
  rescue YellowTrack::Fault => e
    e.message
  end

  describe "panels of a given height" do
    kinds = Kinds::ALL.reject { |_, set| set["half_jamb"] && set["casing"] }

    kinds.each_key do |kind|
      it "cuts nothing, and what is built leaves them within their range: #{kind}" do
        random, seen = random_seed.call, []
        12.times do
          document = document_of(kind, random)
          height = plan_of(document).set.height.to_f + random.rand(-80..40)
          document["set"] = document["set"].except("slab").merge("height" => height)
          made = plan_of(document)
          seen << made.to_h["build"]["verdict"]
          expect(made.set.height).to eq Rational(height.to_s)
          expect_built(document, made) if made.set.heights.build.verdict == "build"
        end
        expect(seen).to include("build")
      end
    end

    # Packing the head, or standing on the strip, that it asks for is enough.
    def expect_built(document, made)
      build = made.set.heights.build
      set = document["set"]
      built = set.merge("packing" => (set["packing"] || {}).merge("head" => build.head.to_f),
        "base_strip" => (set["base_strip"] || 0) + build.strip.to_f)
      after = plan_of(document.merge("set" => built))
      expect(after.to_h["build"]["verdict"]).to eq "fits"
      expect(codes(after).keys & %w[height.build height.tall]).to eq []
    end

    it "never builds more than the most, whatever gap the fitter wants" do
      random = random_seed.call
      20.times do
        made = plan("set.height" => random.rand(2050..2190), "set.gap" => random.rand(0..40))
        build = made.set.heights.build
        expect(build.head).to be_between(build.least, build.most) if build.verdict == "build"
      end
    end

    it "alters only the width of a slab, and refuses a second height by both names" do
      expect(plan("set.height" => 2150, "set.slab" => {"width" => 930}).to_h["alter"]).to eq("width" => 9)
      expect(fault_of("set.height" => 2150, "set.slab" => {"width" => 930, "height" => 2150}))
        .to match(/set\.height.*2.150.*set\.slab\.height 2.150.*one of the two/)
    end

    it "says how much too tall they are, and never to saw" do
      check = plan("set.height" => 2230).checks.find { |found| found.code == "height.tall" }
      expect(check.says).to match(/\d+\u00A0mm too tall/)
      expect(check.do).to include("never the saw")
    end

    it "ends where the head is packed by more than there is, and says by what" do
      made = plan("set.packing" => {"head" => 2400})
      expect(made.whole?).to be false
      expect(made.checks.find { |check| check.code == "size.none" }.says).to match(/packing at the head \(2.400\)/)
    end
  end

  describe "doors first" do
    Kinds::ALL.each do |kind, set|
      it "wants an opening that fits them without a stop, and reads back as it was asked: #{kind}" do
        random = random_seed.call
        Share.count(9).times do
          kit = YellowTrack::Files::Shelf.kits.fetch(set["kit"])
          chosen = set.merge("family" => kit.family, "width" => random.rand(380..450),
            "height" => random.rand(1900..2150),
            "thickness" => kit["thickness"].sum.to_i / 2, "makeup" => [{"material" => "hollow core"}])
          made = plan("set" => chosen, "survey" => {"planned" => true})
          expect(codes(made).select { |_, level| level == :stop }.keys - ["bifold.strike"]).to eq []
          expect(made.to_h["build"]).to include("needed" => be_within(0.001).of(0), "verdict" => "fits")
          expect_ordered(made.to_h["frame"])
        end
      end
    end

    def expect_ordered(frame)
      %w[width height].each do |side|
        expect(frame[side]["least"]).to be <= frame[side]["design"]
        expect(frame[side]["design"]).to be <= frame[side]["most"]
      end
    end

    it "names each reading that an opening still to be built cannot have" do
      faults = fault_of("survey.planned" => true, "set.width" => 900, "set.height" => 2100)
      expect(faults.lines.map { |line| line[/\A[\w.]+/] })
        .to eq %w[survey.widths survey.heights survey.diagonals survey.leans survey.floor]
      expect(fault_of("survey" => {"planned" => true}).lines.map { |line| line[/\A[\w.]+/] })
        .to eq %w[set.width set.height]
    end

    it "adds packing, a covering to come and its linings" do
      set = {"set.width" => 900, "set.height" => 2100, "survey" => {"planned" => true}}
      bare = plan(**set).to_h
      packed = plan(**set, "set.packing" => {"left" => 5, "right" => 6, "head" => 7}, "set.lining" => 18,
        "survey.covering" => {"thickness" => 14, "laid" => false}).to_h
      expect(packed["frame"]["width"]["design"]).to eq bare["frame"]["width"]["design"] + 11
      expect(packed["frame"]["height"]["design"]).to eq bare["frame"]["height"]["design"] + 7
      expect(packed["frame"]["rough"]["width"]).to eq packed["frame"]["width"]["design"] + 56
      expect(packed["track"]["mount_height"]).to eq bare["track"]["mount_height"] + 14
    end
  end

  describe "a floor rail and a covering" do
    let(:rail) { {"set" => {"family" => "bypass", "kit" => "roll-36", "thickness" => 20, "pattern" => [2, 1]}} }
    let(:laid) { plan(**rail) }

    def coming(**covering) = plan(**rail, "survey.covering" => {"thickness" => 8, "laid" => false, **covering})

    it "stands on today's floor where the covering comes up to it, and loses the gap" do
      expect(coming.set).to have_attributes(height: laid.set.height, gap: laid.set.gap - 8)
      expect(coming("under" => true).set).to have_attributes(height: laid.set.height - 8, gap: laid.set.gap)
    end

    it "stops where a thick covering would scrape" do
      expect(codes(plan(**rail, "survey.covering" => {"thickness" => 11, "laid" => false})))
        .to include("bypass.gap.least" => :stop)
      expect(codes(plan(**rail, "survey.covering" => {"thickness" => 10, "laid" => false})))
        .not_to include("bypass.gap.least")
    end
  end

  describe "on the wall" do
    let(:hung) { {"set" => {"family" => "bypass", "kit" => "bar-3", "pattern" => [1, 2, 3], "thickness" => 35}} }

    it "counts a rail for every open lane" do
      expect(plan(**hung).set.labour[:holes]).to eq 3 * plan(**hung).set.track.holes.length
      expect(plan.set.rails).to eq 1
    end

    it "takes no board in a solid wall, one where it is chosen, and stands off less with it" do
      solid = plan(**hung, "survey.wall" => {"solid" => true, "projection" => 40})
      expect(solid.to_h["wall"]).to include("header_board" => false, "header" => nil, "standoff" => 21)
      expect(codes(solid).keys & %w[bypass.studs bypass.header]).to eq []
      chosen = plan(**hung, "survey.wall" => {"solid" => true, "projection" => 40},
        "set.header_board" => {"thickness" => 18})
      expect(chosen.to_h["wall"]).to include("header_board" => true, "standoff" => 3)
      expect(chosen.to_h["wall"]["header"]).to include("height" => 140, "thickness" => 18)
      expect(codes(chosen)).not_to include("bypass.header")
    end

    it "sets stops where closed and open panels' hangers meet them" do
      random = random_seed.call
      %w[left right].product([[1], [1, 1]]).each do |opens, pattern|
        set = plan("set" => {"family" => "bypass", "kit" => "bar-1", "pattern" => pattern, "opens" => opens,
                             "thickness" => random.rand(28..45)}).set
        plates = set.panels.flat_map { |panel| panel.travel.flat_map { |left| panel.rollers.map { |at| left + at } } }
        expect(set.stops).to all(satisfy { |stop| plates.any? { |at| (at - stop).abs == 35 } })
        expect(set.stops).to eq set.stops.sort.uniq
      end
    end
  end

  describe "the head" do
    def head(**head) = plan("survey.head" => head.transform_keys(&:to_s), "set.packing" => {"head" => 10})

    it "has no verdict without joists, one with them, and the least screw through board and packing" do
      expect(codes(head(of: "board"))).to include("head.joists" => :note)
      expect(codes(head(of: "board", joists: [600]))).to include("head.fixing" => :watch)
      good = head(of: "board", joists: [52, 502, 952, 1402, 1702], board: 12.5)
      expect(codes(good).keys.grep(/head/)).to eq []
      expect(good.set.head_fixing.screw).to eq 30 + 12.5r + good.set.track.packing
      expect(head(of: "steel").to_h["track"]).not_to have_key("screw")
    end
  end

  describe "bad input" do
    it "says in a sentence what was given and what works" do
      {{"set.makeup" => [{"material" => "glass",
                          "share" => 1.5}]} => /set\.makeup\[0\]\.share.*1\.5 is too large.*1 at most/,
       {"set.makeup" => [{"material" => "glass", "share" => 0}]} => /share.*0 is too small/,
       {"set.makeup" => [{"material" => "glass", "share" => 0.7}, {"material" => "fibreboard", "share" => 0.6}]} =>
         /set\.makeup.*0\.7 and 0\.6 cover more than the panel/,
       {"set.guide" => "tongue", "set.tongue" => {"width" => 30}} => /set\.tongue\.width.*30.*under 30/,
       {"set.guide" => "tongue", "set.kit" => "roll-36", "set.thickness" => 20} => /set\.guide.*top-hung/,
       {"set.kit" => "roll-36", "set.thickness" => 20,
        "set.soft_close" => {"body" => 300}} => /top-hung, wall-hung and pocket/}
        .each { |changes, sentence| expect(fault_of(**changes)).to match(sentence) }
    end
  end

  it "puts a soft close on the panels that close to a jamb, within the track" do
    made = plan("set.soft_close" => {"body" => 320, "spacer" => 20})
    expect(made.set.soft_close.places.map(&:panel)).to eq %w[A B]
    made.set.soft_close.places.zip(made.set.panels).each do |place, panel|
      expect(place.closing).to eq panel.x + panel.width / 2
      expect(place.opening).to be_between(made.set.track.start, made.set.track.finish)
    end
    expect(made.set.fittings).to include("dampers" => 4, "strikers" => 2)
    expect(YellowTrack::Drilling.of(made).first.holes.select { |hole| hole.for == "striker" }.map(&:x))
      .to eq made.set.soft_close.places.first.strikers
    expect(plan("set.soft_close" => false).set.soft_close).to be_nil
  end

  it "keeps the plan where a soft close is asked for and nobody knows its dampers" do
    asked, without = plan("set.soft_close" => true), plan
    expect(asked.set.soft_close).to be_nil
    expect(asked.checks.map(&:code) - without.checks.map(&:code)).to eq %w[soft_close.dampers]
    expect(asked.to_h["track"]).to eq without.to_h["track"]
  end

  it "shows a pelmet's pieces only where one is asked for" do
    expect(plan("set.pelmet" => {"height" => 90, "thickness" => 18}).to_h["pelmet"]).to eq("lengths" => [1806])
    expect(plan.to_h).not_to have_key("pelmet")
  end
end
