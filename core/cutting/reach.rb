# frozen_string_literal: true

module YellowTrack
  class Cutting
    # Which sums pieces can make.
    module Reach
      module_function

      # Sums that the kinds from each place on can make: a bit for each sum.
      #
      # @param kinds [Array<Integer>]
      # @param widths [Array<Integer>]
      # @param counts [Array<Integer>]
      # @param most [Integer] no sum beyond it is of interest
      # @return [Array<Integer>] one more than there are kinds
      def sums(kinds, widths, counts, most)
        mask = (1 << (most + 1)) - 1
        kinds.reverse.each_with_object([1]) do |kind, made|
          sums = made.last
          counts[kind].times { sums |= (sums << widths[kind]) & mask }
          made << sums
        end.reverse
      end
    end
  end
end
