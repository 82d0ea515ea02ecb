# frozen_string_literal: true

module YellowTrack
  class Cutting
    # A good cutting of many pieces: bar by bar, the widest piece that is left
    # with what fills its bar best, in the bar that comes cheapest for what is
    # in it; then a few bars at a time are cut over again, if that is cheaper.
    class Greedy
      TOGETHER = 4 # bars cut over again at a time
      PIECES = 16 # in them, at most
      BRANCHES = 400

      # @return [Array<Array(Integer, Array<Integer>)>]
      attr_reader :found

      # @param problem [Problem]
      def initialize(problem)
        @problem = problem
        @left = problem.stocks.map(&:count)
        @counts = problem.counts.dup
        @found = []
        nil while bar
        better
      end

      # @return [Integer]
      def cost
        left = found.reduce(@problem.counts) { |counts, (_, taken)| minus(counts, taken) }
        spent(found) + (@problem.leaving ? left.each_index.sum { |kind| left[kind] * @problem.leaving[kind] } : 0)
      end

      private

      def stocks = @problem.stocks

      def minus(counts, taken) = counts.each_index.map { |kind| counts[kind] - taken[kind] }

      def spent(bars) = bars.sum { |stock, _| stocks[stock].cost }

      def filled(taken) = taken.each_index.sum { |kind| taken[kind] * @problem.widths[kind] }

      # @return [Boolean] whether there was a piece, and a bar for it
      def bar
        return false unless @counts.any?(&:positive?)

        best = stocks.each_index.select { |stock| @left[stock].positive? }.filter_map { |stock| fullest(stock) }
          .min_by { |stock, taken| Rational(stocks[stock].cost, filled(taken)) }
        best ? take(*best) : leave
      end

      def fullest(stock)
        Fillings.new(@problem.widths, @counts, stocks[stock].room).each(stocks[stock].room, 0) do |taken, _|
          return [stock, taken.dup]
        end
        nil
      end

      def take(stock, taken)
        @left[stock] -= 1
        @counts = minus(@counts, taken)
        @found << [stock, taken]
      end

      # A piece that no bar is left for.
      def leave = @counts[@counts.index(&:positive?)] = 0

      # Cuts the bars that waste the most over again, and each with others.
      def better
        few_by_few(@found.sort_by { |stock, taken| filled(taken) - stocks[stock].room })
        few_by_few(@found.shuffle(random: Random.new(1)))
      end

      def few_by_few(bars)
        bars.each_slice(TOGETHER) { |few| over_again(few) if few.sum { |_, taken| taken.sum } <= PIECES }
      end

      def over_again(bars)
        counts = bars.map(&:last).transpose.map(&:sum)
        kinds = counts.each_index.select { |kind| counts[kind].positive? }
        search = Search.new(part(kinds, counts, bars), below: spent(bars), steps: BRANCHES).run
        return unless search.found

        bars.each { |one| @found.delete_at(@found.index { |other| other.equal?(one) }) }
        @found.concat(search.found.map { |stock, taken| [stock, spread(kinds, taken)] })
      end

      # The problem of some bars: their pieces, and the bars that are left.
      def part(kinds, counts, bars)
        used = @found.map(&:first).tally
        mine = bars.map(&:first).tally
        left = stocks.each_with_index.map do |stock, one|
          Problem::Stock.new(stock.room, stock.cost, stock.count - used.fetch(one, 0) + mine.fetch(one, 0))
        end
        Problem.new(widths: @problem.widths.values_at(*kinds), counts: counts.values_at(*kinds), stocks: left)
      end

      def spread(kinds, taken)
        Array.new(@problem.widths.length, 0).tap { |all| kinds.zip(taken) { |kind, count| all[kind] = count } }
      end
    end
  end
end
