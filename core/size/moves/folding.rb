# frozen_string_literal: true

module YellowTrack
  class Moves
    # Pairs that fold, all by one angle.
    class Folding < Moves
      FOLD = "fold"

      # @return [Array<Move>]
      def all = [Move.new(name: FOLD, label: "Fold the panels", from: 0.0, to: @set.fold.angle, value: degrees)]

      # Left edges of the closed panels, mm.
      def lefts = @set.panels.map(&:x)

      # Angle of the pivot panels, degrees.
      def degrees = wanted(FOLD, 0, @set.fold.angle) || 0.0

      # Pose of a pair at that angle.
      def pose = @set.fold.at(degrees)

      # Whether everything stands closed.
      def closed? = degrees.zero?

      # Along the floor, what each panel takes, from and to.
      #
      # @return [Array<Array(Numeric, Numeric)>]
      def spans
        pair = [pose.pivot_corners, pose.lead_corners].map { |corners| corners.map(&:first).minmax }
        @set.two_pairs? ? from_left(pair) + from_right(pair.reverse) : one_pair(pair)
      end

      private

      def one_pair(pair) = (@set.hand == "left") ? from_left(pair) : from_right(pair.reverse)

      def from_left(pair) = pair.map { |span| span.map { |x| @set.pivots.first + x } }

      def from_right(pair) = pair.map { |span| span.map { |x| @set.pivots.last - x }.reverse }
    end
  end
end
