# frozen_string_literal: true

module YellowTrack
  class Cutting
    # Branch and bound over the bars, one at a time: the widest piece that is
    # left goes into each kind of bar in turn, in every filling worth a look,
    # or, where that is allowed, is left out. What a branch still has to pay at
    # least, and the room that its budget buys at most, end it early.
    class Search
      KEPT = 20_000 # states remembered, so that memory does not grow
      FRONTIERS = 64
      LOOKED = 64 # fillings looked at for a branch more

      # @return [Integer, nil] of the best found
      attr_reader :cost
      # @return [Array<Array(Integer, Array<Integer>)>, nil] its stocks and how
      #   many of each kind of piece they hold; nil for none found
      attr_reader :found
      # @param problem [Problem]
      # @param below [Integer, nil] only what costs less is of interest
      # @param steps [Integer, nil] give up after so many branches
      # @param worth [Worth, nil] a further bound
      def initialize(problem, below: nil, steps: nil, worth: nil)
        @problem = problem
        @widths = problem.widths
        @stocks = problem.stocks
        @cost = below || Float::INFINITY
        @most_steps = steps
        @worth = worth
        @steps = 0
        @left = @stocks.map(&:count)
        @order = @stocks.each_index.sort_by do |one|
          [Rational(@stocks[one].cost, @stocks[one].room), -@stocks[one].room]
        end
        @largest = @stocks.map(&:room).max
        @scarce = @stocks.each_index.select { |one| @stocks[one].count < problem.counts.sum }
        @problem_frontier = problem.frontier
        @frontiers = {@left.values_at(*@scarce) => @problem_frontier}
        @rate = problem.leaving && problem.rate
        @worths = worth&.frontier(@stocks) unless @rate
        @seen = {}
        @so_far = []
      end

      # @return [Integer] branches looked at
      attr_reader :steps

      # @return [Boolean] whether nothing better than what was found is left
      def done? = @most_steps.nil? || @steps < @most_steps

      # @return [Search] itself, its best found
      def run
        cut(@problem.counts, @problem.total, 0)
        self
      end

      private

      def cut(counts, room, cost)
        return keep(cost) if room.zero?

        @steps += 1
        budget = budget(counts, room, cost)
        return if budget.nil? || !done? || seen?(counts, cost)

        fillings = Fillings.new(@widths, counts, @largest, worth: @worth,
          looks: @most_steps && (@most_steps - @steps) * LOOKED)
        @order.each { |one| fill(one, fillings, counts, room:, cost:, budget:) }
        @steps += (fillings.looked + LOOKED - 1) / LOOKED
        leave(counts, room, cost) if @rate
      end

      def keep(cost)
        return if cost >= @cost

        @cost = cost
        @found = @so_far.map { |stock, taken| [stock, taken.dup] }
      end

      # Whether as good a way was there before.
      def seen?(counts, cost)
        state = (counts + @left).pack("S*")
        seen = @seen[state]
        return true if seen && seen <= cost

        @seen[state] = cost if @seen.length < KEPT
        false
      end

      # Of the bars that are left. Where pieces may be left out, bars are scarce
      # and their cost matters little: their room is bound enough.
      def frontier
        return @problem_frontier if @rate

        left = @left.values_at(*@scarce)
        @frontiers[left] || ((@frontiers.length < FRONTIERS) ? @frontiers[left] = @problem.frontier_of(@left) :
          @problem_frontier)
      end

      # What the rest may cost for the whole to be better than the best; nil
      # where it is sure not to be.
      def budget(counts, room, cost)
        least = floor(counts, room)
        return if cost + least >= @cost
        return @cost - 1 - cost if @cost == Float::INFINITY || @rate

        most = frontier.sum(@cost - 1 - cost, room, least)
        (most && @worths) ? @worths.sum(most, @worth.of(counts) / Worth::SCALE, least) : most
      end

      # What the rest costs at least.
      def floor(counts, room)
        [@rate ? left_over(room) : frontier.cost(room) || Float::INFINITY, @worth ? -(-due(counts) / Worth::SCALE) : 0]
          .max
      end

      # What has no room in the bars that are left costs at least.
      def left_over(room)
        over = room - room_left
        over.positive? ? (over * @rate).ceil : 0
      end

      def room_left
        sum = 0
        @left.each_with_index { |count, one| sum += count * @stocks[one].room }
        sum
      end

      # What pieces are worth more than the scarce bars that are left give
      # away, SCALE times as large.
      def due(counts)
        sum = @worth.of(counts)
        @left.each_with_index { |count, one| sum -= count * @worth.excess[one] }
        sum
      end

      def fill(one, fillings, counts, room:, cost:, budget:)
        stock = @stocks[one]
        rest = budget - stock.cost
        return if @left[one].zero? || rest.negative?

        @left[one] -= 1
        wanted = (@worth && rest.finite?) ? due(counts) - rest * Worth::SCALE : 0
        fillings.each(stock.room, rest.finite? ? room - held(rest) : 0, worth: wanted) do |taken, filled|
          @so_far.push([one, taken])
          cut(without(counts, taken), room - filled, cost + stock.cost)
          @so_far.pop
          break if cost + stock.cost >= @cost
        end
        @left[one] += 1
      end

      def without(counts, taken)
        left, kind = counts.dup, counts.length
        left[kind] -= taken[kind] while (kind -= 1) >= 0
        left
      end

      # The most that can be done with in other bars, or left out.
      def held(rest) = @rate ? room_left + (rest / @rate).floor : frontier.room(rest)

      # Leaves one of the widest out.
      def leave(counts, room, cost)
        kind = counts.index(&:positive?)
        fewer = counts.dup.tap { |list| list[kind] -= 1 }
        cut(fewer, room - @widths[kind], cost + @problem.leaving[kind])
      end
    end
  end
end
