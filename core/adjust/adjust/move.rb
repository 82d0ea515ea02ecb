# frozen_string_literal: true

module YellowTrack
  module Adjust
    # A change of both hangers of a slider: which they are ("jamb", "far" or
    # "both"), and by how much each, mm, + up.
    Move = Struct.new(:which, :left, :right, keyword_init: true) do
      # @return [Rational, nil] mm at that side, "left" or "right"
      def by(side) = public_send(side)

      # How much more the right one rises.
      def turn = right - left

      # In whole steps of both hangers: what they differ by turns the panel, so
      # that is rounded first; then the left one's share, and the right one takes
      # what is left. A half goes away from 0 (handbook 8, "Which adjuster").
      #
      # @param step [Numeric] mm
      # @return [Hash{Symbol => Integer}]
      def counts(step)
        apart = (turn / step).round
        first = (left / step).round
        {left: first, right: first + apart}
      end
    end
  end
end
