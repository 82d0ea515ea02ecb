# frozen_string_literal: true

require "support/share"

# One suite that every family and every support runs through, over a few random openings of each kind; over thirty
# times as many by `bin/bench whole`.
RSpec.describe "Every family" do
  let(:random) { Random.new(RSpec.configuration.seed) }

  Kinds::ALL.each_key do |kind|
    describe kind do
      def each_plan(kind, count)
        Share.count(count).times do
          document = document_of(kind, random)
          yield plan_of(document), document
        end
      end

      # What the panels, laps, meets and gaps of a set add up to, and what they
      # have to.
      def sums(set)
        case set
        when YellowTrack::Bypass
          cover = (set.pattern.panels == 1) ? set.run.length - set.width : 0
          [set.panels.sum(&:width) - set.laps.sum(&:lap) + set.meets.sum(&:gap) + cover, set.run.length]
        when YellowTrack::Bifold
          gaps = set.terms.pairs * (set.gaps.side + set.terms.hinge_gap) + set.gaps.last
          [set.panels.sum(&:width) + gaps, set.sizing.width]
        else
          [set.panels.sum(&:width), set.sizing
            .width + (set.double? ? 2 * set.stay - set.meet : set.kit.fetch("strike") + set.stay)]
        end
      end

      it "closes its sum on the opening" do
        each_plan(kind, 10) do |plan, _|
          sum, whole = sums(plan.set)
          expect(sum).to eq whole
        end
      end

      it "cuts nothing larger than fits, and all of it on the grain" do
        each_plan(kind, 10) do |plan, _|
          set = plan.set
          expect(set.height).to be < plan.figures.greatest_head + 50
          expect(set.track.pieces.sum).to eq set.track.length
          expect(set.track.pieces.max).to be <= set.kit.fetch("track.stock").max
          expect([set.width, set.height, set.track.length, *set.track.joints].map { |cut| cut % 1 }).to all eq 0
          expect(set.track.holes).to all be_between(0, set.track.length)
        end
      end

      it "gives every number a working whose formula comes to it" do
        each_plan(kind, 6) do |plan, document|
          plan.working.entries.each { |entry| expect(entry.again).to eq(entry.value), entry.key }
          worked = plan.working.entries.map { |entry| YellowTrack::Numbers.rounded(entry.value) }
          expect(unexplained(plan.to_h, worked)).to eq []
        end
      end

      # Numbers of a plan that no working comes to. Readings given back, the
      # solved shape, and lists made by a stated rule are not sums.
      def unexplained(plan, worked)
        given = %w[lane holes from to corners residuals layers x target places count uprights]
        walk = lambda do |value, path|
          case value
          when Hash then value.flat_map { |key, inner|
            (given.include?(key) && key != "x") ? [] :
                      walk.call(inner, "#{path}.#{key}")
          }
          when Array then value.flat_map { |inner| walk.call(inner, path) }
          when Numeric then (worked.include?(value) || path.include?("base_strip.x")) ? [] : ["#{path} #{value}"]
          else []
          end
        end
        walk.call(plan.except("working", "checks", "version"), "")
      end

      it "is the same seen in a mirror" do
        Share.count(8).times do
          document = document_of(kind, random, noise: 0.0)
          widths = document["survey"]["widths"]
          widths["bottom"] = kind.start_with?("wall") ? widths.values.max : widths.values.min
          document["survey"]["leans"] = {"left" => random.rand(0..3), "right" => -random.rand(0..3)}
          document["survey"]["floor"] = [[0, 0], [400, random.rand(-3..3)], [widths["bottom"], random.rand(-3..3)]]
          document["set"]["pattern"] = plan_of(document).set.pattern.lanes if document["set"]["family"] == "bypass"
          expect_mirrored(plan_of(document).to_h, plan_of(mirrored(document)).to_h, widths["bottom"])
        end
      end

      def expect_mirrored(plan, mirror, foot)
        expect(mirror["panels"].map { |panel| panel.slice("width", "height", "weight", "gap", "travel_gap") })
          .to eq plan["panels"].reverse.map { |panel| panel.slice("width", "height", "weight", "gap", "travel_gap") }
        plan["panels"].reverse.zip(mirror["panels"]) do |panel, other|
          expect(other["x"] + other["width"]).to be_within(0.01).of(foot - panel["x"])
        end
        expect(mirror["track"]["length"]).to eq plan["track"]["length"]
        expect(mirror["reach"]["widest"]).to be_within(0.001).of(plan["reach"]["widest"])
        expect(Cases.checks(mirror).except("survey.unchecked")).to eq Cases.checks(plan).except("survey.unchecked")
      end

      it "is the same in millimetres and in inches" do
        schema = YellowTrack::Files::Shelf.schema("opening")
        each_plan(kind, 6) do |plan, document|
          inches = schema.write(YellowTrack::Files::Shelf.opening(document).to_h.merge("units" => "in", "grain" => 1r),
            unit: :in)
          expect(plan_of(JSON.parse(JSON.generate(inches))).to_h.except("checks")).to eq plan.to_h.except("checks")
        end
      end

      it "never shrinks a panel when the opening grows by a millimetre" do
        each_plan(kind, 15) do |plan, document|
          survey = document["survey"]
          wider = survey.merge("widths" => survey["widths"].transform_values { |width| width + 1 })
          taller = survey.merge("heights" => survey["heights"].transform_values { |height| height + 1 })
          expect(plan_of(document.merge("survey" => wider)).set.width).to be >= plan.set.width if plan.sizing
            .fit == "follow"
          expect(plan_of(document.merge("survey" => taller)).set.height).to be >= plan.set.height
        end
      end

      it "writes a plan that its schema lets through" do
        each_plan(kind, 4) do |plan, _|
          _, faults = YellowTrack::Files::Shelf.schema("plan").read(JSON.parse(JSON.generate(plan.to_h)))
          expect(faults.map(&:message)).to eq []
        end
      end

      it "raises nothing but a fault for whatever the schema lets through" do
        Share.count(90).times do
          document = absurd(document_of(kind, random), random)
          YellowTrack::Plan.of(YellowTrack::Files::Shelf.opening(document)).to_h
        rescue YellowTrack::Fault => e
          expect(e.message).not_to be_empty
        end
      end

      # Some of its lengths made nothing, or as long as a length may be.
      def absurd(document, random)
        length = -> { [0, 1, 7000, 20_000, nil, random.rand(20_000)].sample(random:) }
        changes = %w[
          survey.widths.top survey.widths.bottom survey.heights.left survey.heights.right
          survey.diagonals.rising survey.leans.left set.width set.thickness set.inset set.lap set.gap
          set.packing.left set.side_gap set.half_jamb.thickness set.setback set.nib set.bumper set.base_strip
          set.slab.width set.casing.width
        ].sample(3, random:)
        changes.reduce(YellowTrack::Store::Document.new(document)) { |made, key| made.with(key, length.call) }.to_h
      end
    end
  end
end
