# frozen_string_literal: true

module YellowTrack
  module Practice
    # A slab made into the panel: what comes off its foot, or is glued on it (handbook 7).
    # A slab of 2238 for a panel of 2209: 29 come off its foot. Of a solid foot of 28 nothing is left then, so it is
    # glued back in.
    class LeftToCut < Drill
      KEY, NAME = "left-to-cut", "What is left to cut"
      LEARN = "Slab less panel, off the foot; a hollow core keeps 10 of its solid foot, or the block is glued back " \
        "in. A slab that is short takes a lipping, with 3 over it to plane back."
      BLOCK = {"stays" => "enough of the solid foot stays", "back" => "the block is glued back in"}.freeze
      LONGER = {1 => 10..60, 2 => 6..40, 3 => 6..40, 4 => 6..40, 5 => 15..22}.freeze # mm, of the slab
      SHORTER = 6..40
      WIDER = 6

      private

      # Mostly too long; what is too short asks for its lipping instead, which is glued on and planed back.
      def drawn
        document = site.document(1100..1700, 2000..2300)
        set = sliding(makeup: [{"material" => site.pick(["hollow core", "solid timber"])}])
        panel = Plan.of(@read.call(file, document.merge("set" => set))).working
        height, width = %w[panels.height panels.width].map { |key| (panel[key].value / site.grain).round }
        document.merge("set" => set.merge("slab" => {"width" => site.told(width + WIDER),
                                                     "height" => site.told(height + longer)}))
      end

      # By how many grains the slab is longer than the panel.
      def longer
        short = level >= 3 && site.pick([true, false])
        by = (site.pick(short ? SHORTER : LONGER.fetch(level)) / site.grain).round
        by = (by / 10.0).ceil * 10 if level == 1
        short ? -by : by
      end

      def asked(_set) = short? ? "How thick is the lipping, as it is glued on?" : "How much comes off the foot?"

      def short? = @short

      # From the third level on the panel's own height has to be worked out, and what that takes is given.
      def given(plan)
        panel = plan.working["panels.height"]
        of_it = (level < 3) ? {"the panel is to be high" => panel.value} :
          {"the kit's drop" => plan.working["gap"].values[:drop], "the floor gap wanted" => gap(plan)}
        {"the slab is high" => plan.working["alter.height"].values[:slab],
         "its core" => hollow? ? "hollow, a solid foot of #{Alter::FOOT} mm" : "solid", **of_it}
      end

      # What is left under a panel that is cut to it, at the floor's high point.
      def gap(plan) = plan.working["gap"].value

      def hollow? = @subject["makeup"].first["material"] == "hollow core"

      # Under a hollow slab the solid foot is asked for beside the length: cut through it and the core is open.
      def parts(plan)
        @short = plan.working["alter.lipping"].value.positive?
        return [lipping(plan)] if short?

        foot = part(plan, "alter.height", "off the foot", slips: ->(entry) { feet(entry, plan) },
          over: "the floor gap gapes: the block is glued back on", under: "the panel drags: a trip back to the saw")
        hollow? ? [foot, block(foot.answer)] : [foot]
      end

      # Three more than is missing: they are planed back once the glue is dry.
      def lipping(plan)
        part(plan, "alter.lipping", "lipping", under: "it is planed short, and the floor gap gapes",
          slips: ->(entry) {
            panel = entry.values.fetch(:panel)
            [slip("the 3 that are planed back were forgotten", entry, planed_back: 0),
              *taller(plan).map { |words, by| slip(words, entry, panel: panel + by) }]
          })
      end

      # The number that stands on the panel's drawing, and those of a panel worked out without one of its terms.
      def feet(entry, plan)
        panel = entry.values.fetch(:panel)
        [Slip.new("that is the panel's height: it was measured from the wrong end", panel),
          *taller(plan).map { |words, by| slip(words, entry, panel: panel + by) }]
      end

      # Heights that a panel would be too tall by, where it is to be worked out.
      #
      # @return [Hash{String => Numeric}] mm
      def taller(plan)
        return {} if level < 3

        level = plan.working["survey.level_height"].values
        {"the kit's drop was forgotten" => plan.working["gap"].values.fetch(:drop),
         "the covering was forgotten" => level.fetch(:covering)}.reject { |_, mm| mm.zero? }
      end

      # What has to happen to the solid foot, by what is left of it.
      def block(cut)
        left = Alter::FOOT - cut
        answer = (left < Alter::FOOT_KEPT) ? "back" : "stays"
        slip = {"back" => "the solid foot was forgotten", "stays" => "what is left is enough"}.fetch(answer)
        Part.new(key: "block", label: "the solid foot", kind: :choice, answer:, options: BLOCK,
          slips: [Slip.new(slip, BLOCK.keys.find { |key| key != answer })],
          why: "#{left.positive? ? "#{left.to_f.round(1)} mm" : "Nothing"} of its #{Alter::FOOT} is left; it keeps " \
            "#{Alter::FOOT_KEPT}.")
      end
    end
  end
end
