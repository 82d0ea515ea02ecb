# frozen_string_literal: true

module YellowTrack
  class Cutting
    # The best cutting of a problem: first by cost, then by its longest offcut.
    class Answer
      FIRST = 300 # branches before a closer bound is worth its time
      MOST = 150_000 # after so many a proof is given up, and the gap told

      # @return [Array<Array(Integer, Array<Integer>)>]
      attr_reader :fillings
      # @return [Integer] what no cutting costs less than
      attr_reader :bound

      # @param stand [Stand]
      # @param prove [Boolean] search until nothing better can be left
      def initialize(stand, prove:)
        @stand = stand
        @problem = stand.problem
        @fillings = []
        @bound = 0
        @proved = prove
        unless @problem.counts.empty?
          prove ? best : good
        end
      end

      def proved? = @proved

      private

      def best
        least = cheapest
        @bound = least.cost if proved?
        offcut = Remainder.new(@stand, least.found)
        @proved &&= offcut.proved?
        @fillings = offcut.fillings
      end

      # A short search is mostly enough; where it is not, a closer bound is
      # worked out, and the search goes on from it: first for what costs little
      # more, then farther.
      def cheapest
        first = Search.new(@problem, steps: FIRST).run
        return first if first.done? || first.cost == floor

        worth = Worth.new(@problem)
        @bound = [worth.bound(@problem), floor].max
        deepen(first, worth)
      end

      def deepen(best, worth)
        step = [(best.cost - @bound) / 8, 1].max
        loop do
          below = [@bound + step, best.cost].min
          search = Search.new(@problem, below:, worth:, steps: MOST).run
          best = search if search.found
          @proved &&= search.done?
          return best if search.found || below == best.cost || !proved?

          step *= 2
        end
      end

      # What any cutting costs at least, by the room its bars have.
      def floor = @problem.frontier.cost(@problem.total) || 0

      def good
        greedy = Greedy.new(@problem)
        @fillings = greedy.found
        @bound = floor
        @proved = greedy.cost == @bound && fillings.length == 1
      end
    end
  end
end
