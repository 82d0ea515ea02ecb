# frozen_string_literal: true

module YellowTrack
  class Prepare
    # The best stack of a stock's layers for every height that its steps make (handbook 7): the fewest layers, then the
    # thicker. It is one table for whatever is packed with that stock, and grows as far as heights were asked for.
    class Stacks
      KEPT = Latest.new(8)
      private_constant :KEPT

      # @param stock [Array<Rational>] thicknesses, the thickest first
      # @return [Stacks] of it, the same for all
      def self.of(stock) = KEPT.fetch(stock) { new(stock) }

      # @return [Rational] mm, the largest step that every thickness is a multiple of
      attr_reader :step

      # @param stock [Array<Rational>] thicknesses, the thickest first
      def initialize(stock)
        @stock = stock
        whole = stock.map { |layer| Rational(layer).denominator }.reduce(1, :lcm)
        @step = Rational(stock.map { |layer| (layer * whole).to_i }.reduce(:gcd), whole)
        @best, @lock = [[]], Mutex.new
      end

      # As close under a height as can be.
      #
      # @param height [Rational] mm
      # @return [Array<Rational>] layers, thick to thin
      def within(height)
        steps = (height / step).floor
        @lock.synchronize do
          @best << best_of(@best.length) while @best.length <= steps
          @best[0..steps].reverse_each.find { |stack| stack }.reverse.map { |place| @stock[place] }
        end
      end

      private

      # The best of exactly a height, as places in the stock, thinnest first; nil where there is none.
      def best_of(height)
        @stock.each_index.filter_map { |place| on(height - (@stock[place] / step).to_i, place) }
          .min_by { |stack| [stack.length, stack.reverse] }
      end

      # A layer on the best stack of a height, kept thinnest first.
      def on(below, place)
        stack = below.negative? ? nil : @best[below]
        stack && [*stack, place].sort.reverse
      end
    end
  end
end
