# frozen_string_literal: true

module YellowTrack
  class Cutting
    # The best cutting of a problem: first by cost, then by its longest offcut.
    class Answer
      WAYS = 5_000 # to pay for bars
      MANY = 400 # pieces of which the bound is the quick one
      FIRST = 300 # branches before a closer bound is worth its time
      MOST = 50_000 # after so many in all a proof is given up, and the gap told

      # @return [Array<Array(Integer, Array<Integer>)>]
      attr_reader :fillings
      # @return [Integer] what no cutting costs less than
      attr_reader :bound

      # What any cutting of a problem costs at least, without a search for one.
      #
      # @param problem [Problem]
      # @param close [Boolean] whether a closer bound is worth its time
      # @return [Integer]
      def self.least(problem, close:)
        return 0 if problem.counts.empty?

        floor = (problem.plenty > MANY) ? problem.least : problem.frontier.cost(problem.total) || 0
        (close && problem.leaving.nil?) ? [Worth.new(problem).bound(problem), floor].max : floor
      end

      # @param stand [Stand]
      # @param prove [Boolean] search until nothing better can be left
      def initialize(stand, prove:)
        @stand = stand
        @fillings = []
        @bound = 0
        @proved = prove
        unless problem.counts.empty?
          prove ? best : good
        end
      end

      # Whether the search came to its end before its time did.
      def proved? = @proved

      private

      def best
        least = cheapest
        return @fillings = least.found unless proved?

        @bound = least.cost
        offcut = Remainder.new(@stand, least.found)
        @proved &&= offcut.proved?
        @fillings = offcut.fillings
      end

      # A short search is mostly enough; where it is not, a closer bound is
      # worked out, and the search goes on from it: first for what costs little
      # more, then farther.
      def cheapest
        first = Search.new(problem, steps: FIRST).run
        return first if first.done? || first.cost == floor

        worth = Worth.new(problem)
        @bound = [worth.bound(problem), floor].max
        deepen(first, worth)
      end

      def deepen(best, worth)
        step, left = [(best.cost - @bound) / 8, 1].max, MOST
        while (least = payable(best.cost))
          below = [@bound + step, least + 1, best.cost].sort[1]
          search = Search.new(problem, below:, worth:, steps: [left, 1].max).run
          left -= search.steps
          best = search if search.found
          @proved &&= search.done?
          return best if search.found || below == best.cost || !proved?

          @bound = below
          step *= 2
        end
        best
      end

      # The least that bars can come to, from the bound up: a search for less has
      # nothing to find. Where pieces may be left out, or there are too many ways
      # to pay, the bound itself.
      #
      # @return [Integer, nil] nil for nothing below the best
      def payable(most)
        return @bound if problem.leaving

        @sums ||= sums_of_bars(most) or return @bound
        @sums.find { |sum| sum >= @bound && sum < most }
      end

      # @return [Array<Integer>, nil] what bars with room enough can cost together,
      #   under a most; nil for too many
      def sums_of_bars(most)
        rooms = problem.stocks.reduce({0 => 0}) do |so_far, stock|
          made = so_far.flat_map { |sum, room| with_bars(stock, sum, room, most:) }.group_by(&:first)
            .transform_values do |ways|
            ways.map(&:last).max
          end
          return nil if made.length > WAYS

          made
        end
        rooms.select { |_, room| room >= problem.total }.keys.sort
      end

      # @return [Array<Array(Integer, Integer)>] cost and room with 0, 1, … bars more
      def with_bars(stock, sum, room, most:)
        counts = (most - 1 - sum).div([stock.cost, 1].max).clamp(0, stock.count)
        (0..counts).map { |count| [sum + count * stock.cost, room + count * stock.room] }
      end

      def problem = @stand.problem

      # What any cutting costs at least, by the room its bars have.
      def floor = Answer.least(problem, close: false)

      def good
        greedy = Greedy.new(problem)
        @fillings = greedy.found
        @bound = floor
        @proved = greedy.cost == @bound && fillings.length == 1
      end
    end
  end
end
