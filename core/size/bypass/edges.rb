# frozen_string_literal: true

module YellowTrack
  class Bypass
    # The upright edges of closed panels: which meet, how each is read, and which a
    # hand can take hold of (handbook 8 and 15).
    class Edges
      # @param set [Bypass] placed
      def initialize(set)
        @set = set
      end

      # The side where a panel meets its neighbour of the lane and has no jamb: of a
      # pair on the wall, and of those in the middle of a set that parts there.
      #
      # @return ["left", "right", nil]
      def met(panel)
        place = place_of(panel)
        return if !@set.pattern.bi_parting? || (count > 2 && outer?(place))
        return "right" if place == count / 2 - 1

        "left" if place == count / 2
      end

      # How an edge is read (see Family#read_as).
      def read_as(panel, jamb)
        return "meet" if jamb == met(panel)

        @set.covers? ? "cover" : "gap"
      end

      # Edges that a hand can take hold of: at the jamb, at a meet, or of one between
      # others where it stands before its neighbour.
      #
      # @return [Array<String>]
      def free(panel)
        place = place_of(panel)
        return [(@set.opens == "right") ? "left" : "right"] if count == 1
        return [met(panel)] if met(panel)
        return [place.zero? ? "left" : "right"] if outer?(place)

        before_neighbours(place).then { |found| found.empty? ? [@set.jamb_of(panel)] : found }
      end

      private

      def count = @set.panels.length

      def place_of(panel) = @set.panels.index(panel)

      def outer?(place) = [0, count - 1].include?(place)

      def before_neighbours(place)
        lanes = @set.pattern.lanes
        {"left" => place - 1, "right" => place + 1}.select { |_, beside| lanes[place] < lanes[beside] }.keys
      end
    end
  end
end
