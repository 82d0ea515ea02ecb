# frozen_string_literal: true

module YellowTrack
  class Track
    # Where a track longer than its stock is joined (handbook 4): as even as
    # can be, away from the ends and from every place where a roller rests.
    # All in mm, from the track's left end.
    class Joints
      FROM_END = 300r
      FROM_ROLLER = 100
      FURTHER = 4 # pieces more than needed, before it gives up on the rollers

      # @param length [Rational] of the whole track
      # @param stock [Rational] the longest piece to be had
      # @param rollers [Array<Rational>] where rollers rest
      # @param grain [Rational] joints are on it
      def initialize(length, stock:, rollers:, grain:)
        @length = length
        @stock = stock
        @rollers = rollers
        @grain = grain
      end

      # @return [Array<Rational>] the pieces, from left to right
      def pieces
        fewest = (@length / @stock).ceil
        counts = (fewest..fewest + FURTHER)
        joints = counts.lazy.filter_map { |count| joined(count) }.first || even(fewest)
        [0r, *joints, @length].each_cons(2).map { |left, right| right - left }
      end

      private

      def even(count) = (1...count).map { |k| Length.down(@length * k / count, @grain) }

      # Joints for so many pieces, each moved from its even place by as little
      # as may be; nil where the stock lengths do not allow it.
      def joined(count, placed = [])
        return placed if placed.length == count - 1

        each_place(placed.last, count - placed.length - 1, @length * (placed.length + 1) / count) do |place|
          found = joined(count, placed + [place])
          return found if found
        end
        nil
      end

      # Places on the grain that one joint may take, the nearest to its even
      # place first, of two as near the left.
      #
      # @param last [Rational, nil] the joint before it
      # @param following [Integer] pieces that follow it
      def each_place(last, following, even)
        from = [@length - following * @stock, FROM_END, last && last + @grain].compact.max
        to = [(last || 0) + @stock, @length - FROM_END].min
        outward(even / @grain, (from / @grain).ceil, (to / @grain).floor) do |mark|
          place = mark * @grain
          yield place if clear?(place)
        end
      end

      # Whole marks from low to high, the nearest to a middle first.
      def outward(middle, low, high)
        left, right = [middle.floor, high].min, [middle.floor + 1, low].max
        while left >= low || right <= high
          if right > high || (left >= low && middle - left <= right - middle)
            yield left
            left -= 1
          else
            yield right
            right += 1
          end
        end
      end

      def clear?(place) = @rollers.none? { |roller| (roller - place).abs < FROM_ROLLER }
    end
  end
end
