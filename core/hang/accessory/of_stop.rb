# frozen_string_literal: true

module YellowTrack
  class Accessory
    # An end stop on the rail: its face where the front hanger stands with the panel at rest (handbook 8).
    class OfStop < Accessory
      ASKS = %w[width at inset hanger].freeze # what has to be measured
      MAY = %w[closes holes length].freeze # and what may be

      # What is done, in order.
      #
      # @return [Array<STEP>]
      def steps
        return [] unless missing.empty?

        [STEP.new("Stand the panel where it is to rest, and mark the rail at the front hanger's face: it should be " \
          "at #{told(@face)}.", nil),
          STEP.new("Slide the stop in, its rubber to the hanger, and screw it fast.", "drilling"),
          STEP.new("Run the panel home slowly, then briskly: it must not move.", nil)]
      end

      private

      def mark
        @face = if rightward?
          sum("face", "The stop's face, from the rail's left end", "at + inset − hanger ÷ 2", at: self["at"],
            inset: self["inset"], hanger: self["hanger"], why: "Where the hanger's left side stands at rest.")
        else
          sum("face", "The stop's face, from the rail's left end", "at + width − inset + hanger ÷ 2", at: self["at"],
            width: self["width"], inset: self["inset"], hanger: self["hanger"],
            why: "Where the hanger's right side stands at rest.")
        end
      end

      def found
        length = self["length"] || 0r
        from, to = rightward? ? [@face - length, @face] : [@face, @face + length]
        [*screws(from, to, "the stop"), (over_end(-from) if from.negative?)]
      end

      def over_end(over)
        check("rail", "The stop stands #{told(over)} over the rail's end.",
          cure: "Stop the other hanger, or put a spacer on the jamb.")
      end
    end
  end
end
