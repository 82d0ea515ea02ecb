# frozen_string_literal: true

module YellowTrack
  class Cutting
    # Pieces and bars in whole numbers of one small unit, so that sums are
    # exact and fast. A kerf is added to every piece and, once, to every bar:
    # pieces fit a bar when their widths come to no more than its room.
    class Problem
      # Bars of one length and price.
      #
      # room   [Integer] what fits, in units
      # cost   [Integer] of one
      # count  [Integer] how many can be of use
      Stock = Struct.new(:room, :cost, :count)

      # @return [Array<Integer>] width of each kind of piece, the widest first
      attr_reader :widths
      # @return [Array<Integer>] how many there are of each kind
      attr_reader :counts
      # @return [Array<Stock>]
      attr_reader :stocks
      # @return [Array<Integer>, nil] what leaving out a piece of each kind
      #   costs; nil where none may be left out
      attr_reader :leaving

      # @param widths [Array<Integer>] of pieces, whole grains, as those of the bars in stocks
      def initialize(widths:, counts:, stocks:, leaving: nil)
        @widths, @counts, @stocks, @leaving = widths, counts, stocks, leaving
        freeze
      end

      # @return [Integer] width of all pieces together
      def total = counts.each_index.sum { |kind| counts[kind] * widths[kind] }

      # What leaving out costs at least, for a unit of width.
      #
      # @return [Rational]
      def rate = leaving.each_index.map { |kind| Rational(leaving[kind], widths[kind]) }.min

      # @return [Frontier] what its bars cost and hold
      def frontier = Frontier.new(stocks, total)

      # What its bars cost at least, by the room that each buys for its price: quick for
      # any number of pieces, and never more than the frontier says.
      #
      # @return [Integer]
      def least
        needed = total
        stocks.select { |stock| stock.room.positive? }.sort_by { |stock| Rational(stock.cost, stock.room) }
          .sum(0r) { |stock|
            room = [stock.count * stock.room, needed].min
            needed -= room
            Rational(room * stock.cost, stock.room)
          }.ceil
      end

      # The same with other counts of bars.
      #
      # @param left [Array<Integer>] of each stock
      # @return [Frontier]
      def frontier_of(left)
        Frontier.new(stocks.zip(left).map { |stock, count| Stock.new(stock.room, stock.cost, count) }, total)
      end

      # @return [Integer] how many bars may be of use of a kind that there is
      #   any number of
      def plenty = counts.sum
    end
  end
end
