# frozen_string_literal: true

module YellowTrack
  class Cutting
    # How much room some cost buys at most, and what some room costs at least,
    # whatever is cut from it: the bound that most of a search ends on.
    class Frontier
      MOST_SUMS = 100_000 # told apart

      # @param stocks [Array<Problem::Stock>]
      # @param needed [Integer] room beyond it is of no use
      def initialize(stocks, needed)
        @needed = needed
        stocks = @stocks = stocks.select { |stock| stock.room.positive? && stock.count.positive? }
        @costs, @rooms = stocks.reduce([[0, 0]]) { |so_far, stock| with(so_far, stock) }.transpose
      end

      # @return [Integer] the most room for a cost, no more than was needed
      def room(cost)
        place = @costs.bsearch_index { |one| one > cost } || @costs.length
        place.zero? ? 0 : @rooms[place - 1]
      end

      # @return [Integer, nil] the least cost of so much room; nil where there
      #   are not bars enough
      def cost(room)
        place = @rooms.bsearch_index { |one| one >= room }
        place && @costs[place]
      end

      # The greatest sum that bars can come to, within a budget, that buys so
      # much room; bars cost what they cost, so that most sums are none of
      # theirs.
      #
      # @param floor [Integer] nothing under it is of interest
      # @return [Integer, nil]
      def sum(budget, room, floor)
        return (budget if budget >= floor) unless sums

        place = (sums.bsearch_index { |cost, _| cost > budget } || sums.length) - 1
        place -= 1 while place >= 0 && sums[place][0] >= floor && sums[place][1] < room
        (place >= 0 && sums[place][0] >= floor) ? sums[place][0] : nil
      end

      private

      # Every sum with the most room it buys, by cost; nil for too many.
      def sums
        return @sums if defined?(@sums)

        @sums = @stocks.reduce([[0, 0]]) do |so_far, stock|
          grown = (0..useful(stock)).flat_map do |bars|
            so_far.map { |cost, room| [cost + bars * stock.cost, [room + bars * stock.room, @needed].min] }
          end
          break if grown.length > MOST_SUMS

          grown.group_by(&:first).map { |cost, list| [cost, list.map(&:last).max] }
        end&.sort_by(&:first)
      end

      def useful(stock) = [stock.count, (@needed + stock.room - 1) / stock.room].min

      # The best of the points with 0 to all of a stock's bars added.
      def with(points, stock)
        all = (0..useful(stock)).flat_map do |bars|
          points.map { |cost, room| [cost + bars * stock.cost, [room + bars * stock.room, @needed].min] }
        end
        better = -1
        all.sort_by { |cost, room| cost * (@needed + 1) - room }.select { |_, room| room > better && (better = room) }
      end
    end
  end
end
