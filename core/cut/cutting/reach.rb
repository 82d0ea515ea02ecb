# frozen_string_literal: true

module YellowTrack
  class Cutting
    # Which sums pieces can make.
    module Reach
      PART = 1024 # bits looked through at a time: taking one out of a million copies them all

      module_function

      # Sums between a least and a most, the greatest first.
      #
      # @param bits [Integer] a bit for each sum
      # @yieldparam sum [Integer]
      def each_down(bits, least, most)
        return if most < least

        (most / PART).downto(least / PART) do |part|
          some = bits[part * PART, PART]
          while (place = some.bit_length - 1) >= 0
            sum = part * PART + place
            yield sum if sum.between?(least, most)
            some ^= 1 << place
          end
        end
      end

      # Sums that the kinds from each place on can make: a bit for each sum.
      #
      # @param kinds [Array<Integer>]
      # @param widths [Array<Integer>]
      # @param counts [Array<Integer>]
      # @param most [Integer] no sum beyond it is of interest
      # @return [Array<Integer>] one more than there are kinds
      def sums(kinds, widths, counts, most:)
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
