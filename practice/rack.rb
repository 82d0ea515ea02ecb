# frozen_string_literal: true

module YellowTrack
  module Practice
    # Bars that pieces are shared out over by hand, and what comes of it (handbook 7,
    # "Stock lengths"). All in mm. A sharing gives each piece, in order, the number of its
    # bar.
    class Rack
      # @return [Array<Cutting::Bar>] each that there is, the rack's first, those alike
      #   beside each other
      attr_reader :bars
      # @return [Array<Cutting::Piece>]
      attr_reader :pieces
      # @return [Rational]
      attr_reader :kerf

      # @param bars [Array<Cutting::Bar>]
      # @param pieces [Array<Cutting::Piece>] few: every sharing is looked at
      # @param kerf [Rational]
      def initialize(bars, pieces, kerf:)
        @bars, @pieces, @kerf = bars, pieces, kerf
      end

      # What a sharing leaves of a bar; under 0 where its pieces do not go in.
      def left(sharing, bar)
        lengths = pieces.each_index.select { |place| sharing[place] == bar }.map { |place| pieces[place].length }
        bars[bar].length - lengths.sum - @kerf * [lengths.length - 1, 0].max
      end

      # mm by which the pieces are too long for their bars, in all.
      def over(sharing) = bars.each_index.sum { |bar| [-left(sharing, bar), 0].max }

      # @return [Rational] of the bars that this way of sharing them takes up
      def cost(sharing) = sharing.uniq.sum { |bar| bars[bar].price }

      # What it costs more than the best, as mm of the dearest bar.
      def dearer(sharing) = [cost(sharing) - cost(best), 0].max / dearest.price * dearest.length

      # What it leaves of a bar, after a last cut.
      def offcut(sharing, bar) = [left(sharing, bar) - (sharing.include?(bar) ? @kerf : 0), 0r].max

      # The longest that it leaves of one bar.
      def longest_offcut(sharing) = sharing.uniq.map { |bar| offcut(sharing, bar) }.max

      # Whether it is as good as the best: as few bars, and as long an offcut.
      def best?(sharing) = [sharing.uniq.length, -longest_offcut(sharing)] == [best.uniq.length, -longest_offcut(best)]

      # Which pieces lie together in a bar of which kind, whatever its number.
      #
      # @return [Array]
      def alike(sharing)
        sharing.uniq.map { |bar|
          together = pieces.each_index.select { |place| sharing[place] == bar }.map { |place| pieces[place].length }
          [bars[bar].length, bars[bar].price, together.sort]
        }.sort
      end

      # The sharings that nothing betters: of the least cost, then the fewest bars, then the
      # longest offcut, each once, whatever the numbers of its bars.
      #
      # @return [Array<Array<Integer>>]
      def best_ones
        @best_ones ||= Search.new(self).found.uniq { |one| alike(one) }
      end

      # @return [Array<Integer>] the bar of each piece, in the cheapest way
      def best = best_ones.first

      # The longest piece first, each in the first bar that it goes in.
      #
      # @return [Array<Integer>, nil] nil where one goes in none
      def longest_first
        whole = Whole.new(self)
        left = whole.rooms
        whole.order.each_with_object(Array.new(pieces.length)) do |place, sharing|
          bar = left.index { |room| room >= whole.widths[place] } or return nil
          left[bar] -= whole.widths[place]
          sharing[place] = bar
        end
      end

      # @param kerf [Rational]
      # @return [Rack] the same with another kerf
      def with_kerf(kerf) = Rack.new(bars, pieces, kerf:)

      # The best with new bars alone, as a sharing of these.
      #
      # @return [Array<Integer>, nil]
      def without_offcuts
        rack = bars.count { |bar| bar.price.zero? }
        Rack.new(bars.drop(rack), pieces, kerf: @kerf).best&.map { |bar| bar + rack }
      end

      private

      def dearest = bars.max_by(&:price)
    end
  end
end
