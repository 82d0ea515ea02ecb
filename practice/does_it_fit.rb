# frozen_string_literal: true

module YellowTrack
  module Practice
    # Doors of a given height: whether they go in, and what is built for them (handbook 15).
    # Doors of 2327 where a kit with a drop of 39 and a least gap of 5 leaves less: too tall, whatever is built. With
    # the drop forgotten they would seem to go in with something built at the head.
    class DoesItFit < Drill
      KEY, NAME = "does-it-fit", "Fits, fits if, does not"
      LEARN = "Level height less the kit's drop, the gap and what is still laid, beside the door's own height: too " \
        "tall never goes in; what is missing is built at the head."
      VERDICTS = {"fits" => "it fits as it is", "build" => "it fits if the head is built down",
                  "tall" => "it does not: it is too tall"}.freeze
      SHORT = {"fits" => 0..0, "build" => 20..110, "tall" => -42..-12}.freeze # mm under the height that fits
      NEAR = {"fits" => 6..11, "build" => 12..17, "tall" => -10..-5}.freeze # the same, at the last level

      private

      # The height that would be cut is worked out first, and the doors are given as so much over or under it.
      def drawn
        document = site.document(1100..1700, 2000..2400)
        set = sliding
        cut = Plan.of(@read.call(file, document.merge("set" => set)))
        by = (level == 5) ? NEAR : SHORT
        short = (site.pick(by.fetch(site.pick(by.keys))) / site.grain).round
        height = (cut.working["panels.height"].value / site.grain).round - short
        document.merge("set" => set.merge("height" => site.told(height)))
      end

      def asked(_set) = "Do the doors go in at this height, and what is built for them?"

      # Every limit that a verdict can turn on; the spec looks that none is missing.
      def given(plan)
        height = plan.working["gap"].values
        {"the doors' height" => height[:height], "the kit's drop" => height[:drop],
         "gap that is wanted" => plan.working["build.needed"].values[:wanted],
         "the kit's gap, least" => plan.working["build.most"].values[:least_gap],
         "the kit's gap, most" => plan.working["build.least"].values[:most_gap]}
      end

      # What is built is a length, and asked only where something is built at all.
      def parts(plan)
        verdict = judged(plan, plan.working["gap"].value)
        choice = Part.new(key: "verdict", label: "the doors", kind: :choice, answer: verdict, options: VERDICTS,
          slips: misjudged(plan, verdict),
          why: "The gap under them would be #{plan.working["gap"].value.to_f.round(1)} mm.")
        needed = part(plan, "build.needed", "built at the head", slips: ->(entry) { needed(entry, plan) },
          over: "the door does not go in under what was built", under: nil)
        (verdict == "build") ? [choice, needed] : [choice]
      end

      # What is missing is asked near the kit's own limits; slips of it need not be near.
      def close?(_question) = true

      # The set's own verdict is the core's.
      def draw
        made = super
        return if made.nil? || made.parts.flat_map(&:slips).empty?

        made if made.parts.first.answer == Plan.of(made.subject).to_h.dig("build", "verdict")
      end

      # What each slip would have said.
      def misjudged(plan, verdict)
        changed(plan).filter_map do |words, gap|
          said = judged(plan, gap)
          Slip.new(words, said) unless said == verdict
        end
      end

      # The gap by each slip.
      #
      # @return [Hash{String => Rational}] mm
      def changed(plan)
        gap = plan.working["gap"]
        level = plan.working["survey.level_height"].values
        {"the kit's drop was forgotten" => gap.value + gap.values.fetch(:drop),
         "the covering was forgotten" => gap.value + level.fetch(:covering),
         "the gap was taken at the floor's low point" => gap.value + level.fetch(:high_floor)}
      end

      # The verdict of any gap, by the ledger's own formulas with that gap put in: so a slip is judged as the answer
      # is.
      def judged(plan, gap)
        least, most = %w[build.least build.most].map do |key|
          plan.working[key].then { |entry| Formula.of(entry.formula).value({**entry.values, gap:}) }
        end
        return "tall" if most.negative?

        least.positive? ? "build" : "fits"
      end

      # Each of the same slips, carried on to what would then be built.
      def needed(entry, plan)
        changed(plan).map { |words, gap| slip(words, entry, gap:) }
      end
    end
  end
end
