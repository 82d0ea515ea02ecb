# frozen_string_literal: true

module YellowTrack
  module Adjust
    # Which hangers of a slider to turn (handbook 8, "Which adjuster"): fewest
    # moved, then the least movement, within every limit.
    class WhichHanger
      # @return [Limits]
      attr_reader :limits

      # @param limits [Limits]
      # @param wanted [Numeric] uR − uL that closes the taper, mm
      # @param jamb ["left", "right"]
      # @param tops [Hash{String => Numeric}] neighbours' tops above this panel's
      # @param front [Boolean] whether the jamb's hanger goes before everything: the
      #   other is in the wall (handbook 15, "Pocket")
      def initialize(limits, wanted:, jamb:, tops:, front: false)
        @limits, @wanted, @jamb, @tops, @front = limits, wanted, jamb, tops, front
        freeze
      end

      # Of one hanger alone the one that leaves the tops most level, else the
      # jamb's; of both, split as evenly as every limit allows.
      #
      # @return [Move, nil] nil where none closes all of it
      def best
        single = alone.select { |one| @limits.stops(one.left, one.right).empty? }
        if single.any?
          single.min_by.with_index { |one, place| [@front ? 0 : unlevel(one), place] }
        else
          both
        end
      end

      # The most of it that whole steps can do within every limit.
      #
      # @param step [Numeric] mm
      # @return [Move, nil] nil where nothing can be done
      def most(step)
        (@wanted.abs / step).floor.downto(1) do |count|
          by = (@wanted <=> 0) * count * step
          least, most = @limits.room(-by / 2, by / 2).map { |shift| (shift - by / 2) / step }
          next if least.ceil > most.floor

          left = step * split(by / step, least.ceil, most.floor)
          return Move.new(which: which(left, left + by), left:, right: left + by)
        end
        nil
      end

      # Codes of what stops either hanger alone.
      def stopped = alone.flat_map { |one| @limits.stops(one.left, one.right) }

      # By how much each limit is broken, at least, by one hanger alone.
      #
      # @return [Hash{String => Numeric}] mm, by code
      def lacking
        alone.map { |one| @limits.over(one.left, one.right) }.reduce do |one, other|
          one.merge(other) { |_, first, second| [first, second].min }
        end
      end

      private

      # Each takes a share of it, from none to all, so that they are never turned
      # the same way.
      def both
        half = @wanted / 2
        least, most = @limits.room(-half, half).zip([-half.abs, half.abs]).then { |low, high| [low.max, high.min] }
        return if least > most + Limits::NEARLY

        shift = 0.clamp(least, [least, most].max)
        Move.new(which: "both", left: shift - half, right: shift + half)
      end

      # The jamb's hanger alone, and the far one alone the other way.
      def alone
        moves = [Move.new(which: "jamb", left: 0, right: @wanted), Move.new(which: "far", left: -@wanted, right: 0)]
        return moves if right?

        moves.reverse.zip(%w[jamb far]).map { |move, which| Move.new(which:, left: move.left, right: move.right) }
      end

      def right? = @jamb == "right"

      # Steps of the left hanger: none, or all of it, the jamb's hanger first;
      # else as evenly as can be.
      def split(by, least, most)
        single = right? ? [0, -by] : [-by, 0]
        single.find { |steps| steps.between?(least, most) } || (-by / 2).round.clamp(least, most)
      end

      def which(left, right)
        return "both" unless left.zero? || right.zero?

        (right? == left.zero?) ? "jamb" : "far"
      end

      # What remains between this panel's top and its neighbours'.
      def unlevel(one) = @tops.map { |side, top| (top - @limits.corner(side.to_sym, one.left, one.right)).abs }.max || 0
    end
  end
end
