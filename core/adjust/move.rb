# frozen_string_literal: true

module YellowTrack
  module Adjust
    # A change of both hangers of a slider: which they are ("jamb", "far" or
    # "both"), and by how much each, mm, + up.
    Move = Struct.new(:which, :left, :right, keyword_init: true) do
      def by(side) = public_send(side)

      # How much more the right one rises.
      def turn = right - left

      # In whole steps of both hangers. What they differ by is what turns the
      # panel, so that is what is rounded.
      #
      # @param step [Numeric] mm
      # @return [Hash{Symbol => Integer}]
      def counts(step)
        exact_left, exact_right = left / step, right / step
        apart = (exact_right - exact_left).round
        first = [exact_left.floor, exact_left.ceil].min_by { |count| [(count - exact_left).abs, (count + apart - exact_right).abs].max }
        {left: first, right: first + apart}
      end
    end
  end
end
