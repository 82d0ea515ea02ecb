# frozen_string_literal: true

module YellowTrack
  class Track
    # Where a track longer than its stock is joined (handbook 4): as even as
    # can be, away from the ends and from every place where a roller rests.
    # All in mm, from the track's left end; joints stand on marks of the grain.
    class Joints
      FROM_END = 300r
      FROM_ROLLER = 100
      FURTHER = 4 # pieces more than needed, before it gives up on the rollers

      # @param length [Rational] of the whole track
      # @param stock [Rational] the longest piece to be had
      # @param rollers [Array<Numeric>] where rollers rest
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
        joints = (fewest..fewest + FURTHER).lazy.filter_map { |count| joined(count) }.first || even(fewest)
        [0r, *joints, @length].each_cons(2).map { |left, right| right - left }
      end

      private

      def even(count) = (1...count).map { |k| Length.down(@length * k / count, @grain) }

      # Joints for so many pieces, each in turn moved from its even place by as
      # little as leaves the rest a place; nil where there is none.
      def joined(count)
        stretches = finishing(count)
        (1...count).each_with_object([]) do |k, joints|
          open = [(marks(joints.last || 0).first + (joints.empty? ? 0 : 1))..,
            0..marks(@stock + (joints.last || 0)).last]
          mark = nearest(within(stretches[k - 1], open), @length * k / count / @grain) or return nil
          joints << mark * @grain
        end
      end

      # For each joint, the stretches of marks from which the joints after it
      # can still be placed.
      def finishing(count)
        last = [marks(@length - @stock).first..]
        (1...count).to_a.reverse.each_with_object([]) do |_, found|
          stretches = found.empty? ? within(clear, last) : reaching(found.first)
          found.unshift(stretches)
        end
      end

      # Clear marks from which a piece reaches into some stretch.
      def reaching(stretches)
        piece = marks(@stock).last
        stretches.flat_map { |stretch| within(clear, [stretch.min - piece..stretch.max - 1]) }.uniq
      end

      # Stretches of marks away from the ends and from every roller.
      def clear
        @clear ||= blocked.reduce([marks(FROM_END).first..marks(@length - FROM_END).last]) do |open, (low, high)|
          open.flat_map { |stretch| [stretch.min..[stretch.max, low].min, [stretch.min, high].max..stretch.max] }
            .select do |part|
            part.min
          end
        end.select(&:min)
      end

      # The nearest marks that each roller lets stand at either side.
      def blocked
        @rollers.uniq.map { |roller| [marks(roller - FROM_ROLLER).last, marks(roller + FROM_ROLLER).first] }
      end

      # The first mark not before a place, and the last not after it.
      def marks(place) = [(place / @grain).ceil, (place / @grain).floor]

      # What is left of stretches within all of these limits.
      def within(stretches, limits)
        limits.reduce(stretches) do |left, limit|
          left.filter_map do |stretch|
            part = [stretch.min, limit.begin].compact.max..[stretch.max, limit.end].compact.min
            part if part.min
          end
        end
      end

      # The mark nearest to a place, of two as near the left; nil for none.
      def nearest(stretches, place)
        stretches.flat_map do |stretch|
          [place.floor, place.floor + 1].map { |mark| mark.clamp(stretch.min, stretch.max) }
        end
          .min_by { |mark| [(mark - place).abs, mark] }
      end
    end
  end
end
