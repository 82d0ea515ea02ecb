# frozen_string_literal: true

module YellowTrack
  class Cutting
    # Of all cuttings that cost the least, the one that leaves the longest
    # single offcut. Any such cutting takes one of a few lots of bars; of each
    # lot one bar is set aside for the offcut, and as much as can be is cut from
    # the others, what is left over going into the bar that was set aside.
    class Remainder
      STEP = 4 # units more to be left over, at first

      # @return [Array<Array(Integer, Array<Integer>)>]
      attr_reader :fillings

      # @param stand [Stand]
      # @param found [Array] the cheapest cutting, as a search found it
      def initialize(stand, found)
        @stand = stand
        @problem = stand.problem
        @fillings = found
        @proved = true
        @longest = fillings.map { |stock, taken| @stand.remainder(room(stock), width(taken)) }.max || 0
        @left_out = left_out
        improve unless @problem.counts == @left_out
      end

      # @return [Boolean] whether none leaves a longer offcut
      def proved? = @proved

      private

      def room(stock) = @problem.stocks[stock].room

      def width(taken) = taken.each_index.sum { |kind| taken[kind] * @problem.widths[kind] }

      # What the cheapest cutting leaves uncut.
      def left_out = fillings.reduce(@problem.counts) { |left, (_, taken)| left.zip(taken).map { |one, other| one - other } }

      def improve
        tries = lots.flat_map { |lot| lot.each_index.select { |stock| lot[stock].positive? }.map { |stock| [lot, stock] } }
        tries.sort_by { |lot, stock| -most(lot, stock) }.each { |lot, stock| set_aside(lot, stock) if most(lot, stock) > @longest }
      end

      # Ways to spend what the cheapest cutting costs: how many of each stock.
      def lots
        spent = fillings.sum { |stock, _| @problem.stocks[stock].cost }
        @problem.stocks.reduce([[[], 0]]) do |so_far, stock|
          so_far.flat_map { |lot, cost| (0..stock.count).filter_map { |count| [lot + [count], cost + count * stock.cost] if cost + count * stock.cost <= spent } }
        end.filter_map { |lot, cost| lot if cost == spent }
      end

      def rooms(lot) = lot.each_index.sum { |stock| lot[stock] * room(stock) }

      # The longest offcut that a bar of a lot might leave.
      def most(lot, stock)
        over = total - rooms(lot) + room(stock)
        (over > room(stock)) ? -1 : @stand.remainder(room(stock), [over, @problem.widths.last].max)
      end

      def counts = @counts ||= @problem.counts.zip(@left_out).map { |all, left| all - left }

      def total = width(counts)

      # The bars of the lot are paid for: what is left to be spared is what goes
      # into the one that is set aside.
      def set_aside(lot, aside)
        stocks = lot.each_with_index.map { |count, stock| Problem::Stock.new(room(stock), 0, count - ((stock == aside) ? 1 : 0)) }
        problem = Problem.new(widths: @problem.widths, counts:, stocks:, leaving: @problem.widths)
        below = room(aside) - @stand.kerf - @longest
        search = searched(problem, below)
        take(search, aside) if search.found
      end

      # First for what leaves next to nothing over in the other bars, then for
      # more; with a closer bound where that takes long.
      #
      # @return [Search]
      def searched(problem, below)
        deepened(problem, below, [width(problem.counts) - room_of(problem), 0].max, steps: Answer::FIRST) ||
          Worth.new(problem).then { |worth| deepened(problem, below, worth.bound, worth:, steps: Answer::MOST) || given_up(problem, below) }
      end

      def room_of(problem) = problem.stocks.sum { |stock| stock.room * stock.count }

      # @return [Search, nil] nil where so many steps prove nothing
      def deepened(problem, below, bound, **how)
        step = STEP
        loop do
          search = Search.new(problem, below: [bound + step, below].min, **how).run
          return unless search.done?
          return search if search.found || bound + step >= below

          step *= 2
        end
      end

      def given_up(problem, below)
        @proved = false
        Search.new(problem, below:, steps: Answer::FIRST).run
      end

      def take(search, aside)
        inside = search.found.reduce(counts) { |left, (_, taken)| left.zip(taken).map { |one, other| one - other } }
        @longest = @stand.remainder(room(aside), width(inside))
        @fillings = search.found + [[aside, inside]]
      end
    end
  end
end
