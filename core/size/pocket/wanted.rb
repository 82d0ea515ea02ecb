# frozen_string_literal: true

module YellowTrack
  class Pocket
    # The opening that ready leaves want before their pockets (handbook 15, "Doors
    # first"); its rough opening is chapter 6's.
    class Wanted < YellowTrack::Wanted
      STAY_LEAST = 10r # of a closed leaf in its pocket

      private

      # Least the same as design; most with as little in the pocket as will do.
      def widths
        stay = kit.fetch("stay")
        stays = {least: stay, design: stay, most: [stay, STAY_LEAST].min}
        double? ? two(stays) : one(stays)
      end

      def double? = opening["leaves"] == 2

      def one(stays)
        ["panel − strike − stay + left packing + right packing",
          stays.transform_values { |stay| {panel:, stay:, strike: kit.fetch("strike"), **sides_packed} }]
      end

      def two(stays)
        ["2 × panel + meet gap − 2 × stay + left packing + right packing",
          stays.transform_values { |stay| {panel:, stay:, meet_gap: kit.fetch("meet_gap"), **sides_packed} }]
      end

      def above = kit.fetch("head_allowance")

      def before_linings = nil
    end
  end
end
