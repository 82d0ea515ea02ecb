# frozen_string_literal: true

module YellowTrack
  class Cutting
    # Bars and pieces as they lie at the saw, and what they come to as a
    # Problem: lengths in whole units, prices in whole cents with one bar
    # counted in, so that of equally cheap cuttings the one of fewer bars wins.
    # A saw knows no thousandth: lengths whose common step is finer than FINEST
    # are rounded to COARSE first, what is cut up and what it is cut from down;
    # offcuts are told from the lengths as they were typed all the same.
    class Stand
      FINEST = 320 # to a millimetre: tenths and sixty-fourths of an inch together
      COARSE = 20

      # @return [Array<Piece>] longer than every bar
      attr_reader :too_long
      # @return [Problem]
      attr_reader :problem
      # @return [Integer] in units
      attr_reader :kerf
      # @return [Boolean] whether lengths were rounded
      attr_reader :rounded

      # @param bars [Array<Bar>]
      # @param pieces [Array<Piece>]
      # @param kerf [Rational] mm
      # @param trim [Rational] mm
      # @param exact [Boolean] whether nothing is rounded, however fine: for a bound
      def initialize(bars, pieces, kerf:, trim:, exact: false)
        @saw = {kerf:, trim:}
        @unit = common_step([*bars.map(&:length), *pieces.map(&:length), kerf, trim], exact)
        @kerf, @trim = taken(kerf), taken(trim)
        @largest = bars.map { |bar| room(bar) }.max || 0
        @cent = bars.map { |bar| bar.price.to_r.denominator }.reduce(1, :lcm)
        @too_long, fitting = pieces.partition { |piece| bars.none? { |bar| piece.length <= bar.room(trim) } }
        @kinds = fitting.group_by { |piece| width_of(piece) }.sort_by { |length, _| -length }.map(&:last)
        @lots = bars.group_by { |bar| [bar.length, bar.price, bar.fresh] }.values
        @problem = posed(fitting.length)
      end

      # What remains of a bar, in units, with so much in it.
      def remainder(room, filled) = [room - kerf - filled, 0].max

      # A cost of the problem's back to a price, the bars taken out.
      def price(cost) = Rational(cost / (@kinds.sum(&:length) + 1), @cent)

      # A cutting of the problem's as bars with their pieces, and what it
      # leaves out.
      #
      # @param fillings [Array<Array(Integer, Array<Integer>)>]
      # @return [Array(Array<Cut>, Array<Piece>)]
      def cuts(fillings)
        pieces = @kinds.map(&:dup)
        names = @lots.map do |bars|
          bars.flat_map { |bar| bar.count ? Array.new(bar.count, bar) : [] } + bars.select { |bar| bar.count.nil? }
        end
        made = fillings.sort_by { |lot, taken| [-problem.stocks[lot].room, filled(taken)] }.map do |lot, taken|
          bar = (names[lot].length > 1) ? names[lot].shift : names[lot].first
          cut(bar, taken.each_with_index.flat_map { |count, kind| pieces[kind].shift(count) })
        end
        [made, pieces.flatten]
      end

      private

      # A bar with its pieces; the offcut is what the lengths as typed leave of it.
      def cut(bar, pieces)
        kerf, trim = @saw.values_at(:kerf, :trim)
        left = bar.room(trim) - pieces.sum { |piece| piece.length + kerf }
        Cut.new(bar:, pieces:, offcut: [left, 0r].max, kerf:, trim:)
      end

      # Units that a piece takes: of one that goes into a bar as it was typed no more than there are.
      def width_of(piece) = [taken(piece.length), @largest].min

      # Units to a millimetre that say every length, or COARSE.
      def common_step(lengths, exact)
        common = lengths.map { |length| length.to_r.denominator }.reduce(1, :lcm)
        @rounded = common > FINEST && !exact
        @rounded ? COARSE : common
      end

      # Units that a piece or a cut takes, and that there are of a bar.
      def taken(length) = (length * @unit).ceil

      def there(length) = (length * @unit).floor

      # Units of a bar between its trimmed ends.
      def room(bar) = there(bar.length) - (bar.fresh ? 1 : 2) * @trim

      def filled(taken) = taken.each_index.sum { |kind| taken[kind] * problem.widths[kind] }

      # A count is cut down to what can be of use: no more bars than pieces.
      # Where they may not suffice, leaving out a length costs more than every
      # bar there is.
      def posed(pieces)
        stocks = @lots.map do |bars|
          count = (bars.any? { |bar| bar.count.nil? }) ? pieces : [bars.sum(&:count), pieces].min
          Problem::Stock.new(room(bars.first) + kerf,
            (bars.first.price * @cent).to_i * (pieces + 1) + 1, count)
        end
        widths = @kinds.map { |kind| width_of(kind.first) + kerf }
        Problem.new(widths:, counts: @kinds.map(&:length), stocks:, leaving: leaving(widths, stocks, pieces))
      end

      def leaving(widths, stocks, pieces)
        return if widths.empty? || stocks.any? { |stock| stock.count == pieces && stock.room >= widths.first }

        most = stocks.sum { |stock| stock.cost * stock.count } + 1
        widths.map { |width| (width - kerf) * most }
      end
    end
  end
end
