# frozen_string_literal: true

module YellowTrack
  module Practice
    # Which width and height to size to (handbook 2).
    # Widths of 2277, 2281 and 2281: 2277. Heads at 2498, 2508 and 2501 over a floor that rises 5, with a covering of
    # 12 still to come: 2498 − 5 − 12 = 2481.
    class Tightest < Drill
      KEY, NAME = "tightest", "Tightest"
      LEARN = "The narrowest of the three widths; the lowest head over the floor's high point, less what is still laid."

      private

      # Three widths that differ, or there would be no narrowest to find.
      def drawn
        document = site.document(1100..2600, 1950..2500, differ: true)
        @covering = document["survey"]["covering"]
        document.merge("set" => sliding)
      end

      def asked(_set) = "Which width#{" and which height" if level > 1} is the set sized to?"

      # The height has the floor and the covering in it, and is asked from the second level on.
      def parts(plan)
        width = part(plan, "survey.tightest_width", "width", slips: method(:widths),
          over: "the panels do not go in beside each other where it is tightest: a trip back to the saw")
        height = part(plan, "survey.level_height", "height", slips: method(:heights),
          over: "the panel stands proud of the head: a trip back to the saw")
        (level == 1) ? [width] : [width, height]
      end

      # Two of three widths may be alike: a slip that comes to the answer is none.
      def widths(entry)
        list = entry.values.fetch(:widths)
        [Slip.new("that is the widest", list.max), Slip.new("that is the middle one", list[1])]
          .reject { |slip| slip.value == entry.value }
      end

      # Each term of the sum left out by itself, or taken as what it is not.
      def heights(entry)
        heads, covering = entry.values.values_at(:heads, :covering)
        [slip("that is the covering, forgotten", entry, covering: 0),
          slip("the covering is laid already: it was taken off twice", entry, covering: covering + laid),
          slip("that is the floor's high point, forgotten", entry, high_floor: 0),
          slip("that is the greatest height", entry, heads: [heads.max])]
      end

      # What is laid already, which the readings have in them.
      #
      # @return [Numeric] mm
      def laid = if @covering["laid"]
                   @covering["thickness"] * ((site.units == "in") ? 254r / 10 : 1)
                 else
                   0
                 end
    end
  end
end
