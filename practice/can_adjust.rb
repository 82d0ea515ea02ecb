# frozen_string_literal: true

module YellowTrack
  module Practice
    # What a screw can take out of a hung panel's gaps, and what it cannot (handbook 8, 15).
    # Gaps that taper by 3 over a panel whose screws go 5 up and 5 down: the screws even it. By 25, more than twice
    # their whole way, a roller is off. A gap that is wide in the middle alone is a bow, which no screw takes out.
    class CanAdjust < HungDrill
      KEY, NAME = "can-adjust", "Can adjust, cannot"
      LEARN = "A taper goes by the screws, as far as they reach; a bow stays; more than twice the screws' whole way " \
        "is no adjuster's: a roller is off, or a hanger undone."
      VERDICTS = {"screws" => "the screws even it", "bow" => "a bow: no screw takes it out",
                  "end" => "the screws come to their end: the rest is packed",
                  "off" => "a roller is off, or a hanger undone: look first", "even" => "it is even: leave it"}.freeze
      SLIPS = {"bow" => ["screws", "a bow was turned out by a screw"],
               "off" => ["screws", "a fallen roller was taken for a taper"],
               "screws" => ["off", "a taper was taken for a fallen roller"],
               "end" => ["screws", "the screws' way was not looked at"],
               "even" => ["screws", "gaps that differ by no more than 1 mm are even"]}.freeze
      # mm that the right hanger is too low, from both hangers' whole way or twice that; and
      # at the last level
      RISES = {"screws" => 2..6, "end" => -6..-3, "off" => 3..14}.freeze
      CLOSE = {"screws" => [-3r, -2r, -1r], "end" => [-3r / 2, -1r, -1r / 2], "off" => [1r / 2, 1r]}.freeze
      NEAR = %w[bow bow even].freeze
      BOWS = {"bow" => 5..12}.freeze
      SLIGHT = {"bow" => [5r / 2, 3r], "even" => [1r / 2, 1r], "screws" => [1r, 3r / 2, 2r]}.freeze

      # As the core has it.
      #
      # @param answer [Adjust::Slider]
      # @return [String] one of VERDICTS
      def self.verdict(answer)
        return "even" if answer.even?
        return "off" if answer.off?
        return "bow" if answer.bowed?

        answer.move ? "screws" : "end"
      end

      private

      # Gaps of the kind that is to be asked, made from the panel's true shape and not from an answer.
      def hung
        @kind = site.pick(kinds)
        close = level == 5
        bow = site.pick((close ? SLIGHT : BOWS).fetch(@kind, [0])) * ((level >= 3) ? site.pick([1, -1]) : 1)
        {"gaps" => gaps(rise * site.pick([1, -1]), bow)}
      end

      # How much too low the right hanger stands, mm.
      def rise
        by = ((level == 5) ? CLOSE : RISES)[@kind] or return 0r
        way = set.kit.fetch("adjust.up") + set.kit.fetch("adjust.down")
        from = {"screws" => (level == 5) ? way : 0}.fetch(@kind, 2 * way)
        (from + site.pick(by)).to_r
      end

      # More of them by the level; at the last mostly what lies near a limit.
      def kinds
        return VERDICTS.keys + NEAR if level == 5

        VERDICTS.keys.first({1 => 2, 2 => 3, 3 => 4, 4 => 4}.fetch(level))
      end

      def asked(_set) = "What can the adjusters do for these gaps?"

      # What the screws can do: without their way nobody can tell the end from the middle of it.
      def given(_bench)
        up, down = @hangs.told(*%w[adjust.up adjust.down].map { |key| set.kit.fetch(key) })
        {**super, "each hanger's way" => "#{up} up, #{down} down, now at mid", **below}
      end

      # What else it can come too near to.
      def below
        return {"reaches into its channel" => set.engagement} if set.engagement

        {"floor gap under its corners" => @hangs.told(*@hangs.reading.floor.values).join(" · "),
         "floor gap, at least" => set.kit.fetch("gap.least")}
      end

      # The answer is asked of the core, which has to come to what was drawn; where it does not, another is drawn.
      def parts(bench)
        answer = bench.answer([])
        kind = CanAdjust.verdict(answer)
        said, words = SLIPS.fetch(kind)
        choice = Part.new(key: "verdict", label: "the adjusters", kind: :choice, answer: kind, options: VERDICTS,
          slips: [Slip.new(words, said)], why: why(answer))
        (kind == "bow") ? [choice, bow(answer)] : [choice]
      end

      # Only where it comes to what was to be asked.
      def draw = super&.then { |made| made if made.parts.first.answer == @kind }

      # A bow may stand beside a taper: then the screws take out their part, and the bow is told for itself.
      def bow(answer)
        gaps = answer.work["adjust.bow"].values
        Part.new(key: "bow", label: "the bow", kind: :length, answer: answer.bow, entry: answer.work["adjust.bow"],
          slips: [Slip.new("the wrong way: + bows away from the jamb", -answer.bow),
            Slip.new("that is half of it", answer.bow / 2),
            *((gaps[:top] == gaps[:bottom]) ? [] : [Slip.new("by the top alone", gaps[:middle] - gaps[:top])])])
      end

      # By the two limits that decide: how far the screws go, and a bow that none of them takes out.
      def why(answer)
        way = 2 * (set.kit.fetch("adjust.up") + set.kit.fetch("adjust.down"))
        rise = answer.work["adjust.rise"].value.abs.to_f.round(1)
        "One hanger would rise #{rise} mm over the other; from #{way.to_f.round(1)} mm on it is no adjuster's. Bow " \
          "#{answer.bow.to_f.round(1)} mm; more than #{Adjust::BOW} stays."
      end
    end
  end
end
