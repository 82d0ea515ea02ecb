# frozen_string_literal: true

module YellowTrack
  module Practice
    # Which width and height to size to (handbook 2).
    class Tightest < Drill
      KEY, NAME = "tightest", "Tightest"
      LEARN = "The narrowest of the three widths; the lowest head over the floor's high point, less what is still laid."

      private

      def drawn
        document = site.document(1100..2600, 1950..2500, differ: true)
        @covering = document["survey"]["covering"]
        document.merge("set" => sliding)
      end

      def asked(_set) = "Which width#{" and which height" if level > 1} is the set sized to?"

      def parts(plan)
        width = part(plan, "survey.tightest_width", "width", slips: method(:widths),
          over: "the panels do not go in beside each other where it is tightest: a trip back to the saw")
        height = part(plan, "survey.level_height", "height", slips: method(:heights),
          over: "the panel stands proud of the head: a trip back to the saw")
        (level == 1) ? [width] : [width, height]
      end

      def widths(entry)
        list = entry.values.fetch(:widths)
        [Slip.new("that is the widest", list.max), Slip.new("that is the middle one", list[1])]
          .reject { |slip| slip.value == entry.value }
      end

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
