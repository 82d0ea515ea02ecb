# frozen_string_literal: true

module YellowTrack
  class Accessory
    # A floor guide at a lap of panels that hang (handbook 4): its middle on the middle of the lap, all panels closed.
    class OfGuide < Accessory
      ASKS = %w[at lap].freeze # what has to be measured
      MAY = %w[thickness slot].freeze # and what may be
      AIR = 2r # mm that a panel has in its guide, both sides together

      # What is done, in order.
      #
      # @return [Array<STEP>]
      def steps
        return [] unless missing.empty?

        [STEP.new("Close all panels, and hold each plumb.", nil),
          STEP.new("Mark the floor at #{told(@middle)} from the left jamb: the middle of the lap.", nil),
          STEP.new("Heating, cables or pipes may lie in the floor: find them first, then pilot and screw.", "drilling"),
          STEP.new("Open each panel past it and back: none may rub, none may come out.", nil)]
      end

      private

      def mark
        @middle = sum("middle", "The guide's middle, from the left jamb", "at + lap ÷ 2", at: self["at"],
          lap: self["lap"], why: "The left edge of the right-hand panel, and half of what it laps.")
      end

      def found
        slot, thickness = self["slot"], self["thickness"]
        return [] unless slot && thickness
        return [] if (AIR / 2..AIR * 2).cover?(slot - thickness)

        [check("slot", "The guide leaves #{told([slot - thickness, 0r].max)} beside the panel.",
          level: :watch, cure: "About #{told(AIR)} is right: wider and it swings, narrower and it binds.")]
      end
    end
  end
end
