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
        @best_ones ||= begin
          @found, @worth = [], nil
          share([], rooms)
          @found.uniq { |one| alike(one) }
        end
      end

      # @return [Array<Integer>] the bar of each piece, in the cheapest way
      def best = best_ones.first

      # The longest piece first, each in the first bar that it goes in.
      #
      # @return [Array<Integer>, nil] nil where one goes in none
      def longest_first
        left = rooms
        order.each_with_object(Array.new(pieces.length)) do |place, sharing|
          bar = left.index { |room| room >= widths[place] } or return nil
          left[bar] -= widths[place]
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

      # Whole numbers of one small unit, a kerf with every piece and one with every bar.
      def unit = @unit ||= [*bars, *pieces].map { |one| one.length.to_r.denominator }.push(@kerf.denominator)
        .reduce(:lcm)

      def widths = @widths ||= pieces.map { |piece| ((piece.length + @kerf) * unit).to_i }

      def rooms = bars.map { |bar| ((bar.length + @kerf) * unit).to_i }

      # Looks at every sharing that goes in, a bar that is like the one before it only once
      # that is begun; keeps the best.
      #
      # @param sharing [Array<Integer>] bars of the pieces, in the order that they are looked at
      # @param begun [Array<Integer>] the bars that are begun
      # @param cost [Rational] what they come to
      def share(sharing, left, begun = [], cost: 0)
        return if @worth && -cost < @worth.first
        return keep(sharing, left, begun, cost:) if sharing.length == pieces.length

        wide = widths[order[sharing.length]]
        bars.each_index do |bar|
          next if left[bar] < wide || (alike_before[bar] && !begun.include?(bar - 1))

          left[bar] -= wide
          new = !begun.include?(bar)
          share([*sharing, bar], left, new ? [*begun, bar] : begun, cost: new ? cost + prices[bar] : cost)
          left[bar] += wide
        end
      end

      def alike_before = @alike_before ||= bars.each_index.map { |bar| bar.positive? && bars[bar] == bars[bar - 1] }

      def prices = @prices ||= bars.map { |bar| (bar.price * 100).to_i }

      def keep(sharing, left, begun, cost:)
        worth = [-cost, -begun.length, begun.map { |bar| [left[bar] - kerf_units, 0].max }.max]
        better = @worth ? worth <=> @worth : 1
        return if better.negative?

        @found, @worth = [], worth if better.positive?
        @found << order.zip(sharing).sort.map(&:last)
      end

      # The longest pieces first, which go in the fewest ways.
      def order = @order ||= pieces.each_index.sort_by { |place| [-widths[place], place] }

      def kerf_units = @kerf_units ||= (@kerf * unit).to_i
    end
  end
end
