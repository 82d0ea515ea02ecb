# frozen_string_literal: true

module YellowTrack
  class Cutting
    # Of all cuttings that cost the least, the one that leaves the longest
    # single offcut. Any such cutting takes one of a few lots of bars; of each
    # lot one bar is set aside for the offcut, and as much as can be is cut from
    # the others, what is left over going into the bar that was set aside.
    class Remainder
      STEP = 4 # units more to be left over, at first
      QUICK = 6_000 # branches before a closer bound is worth its time
      BRANCHES = 10_000 # with it, at first
      MOST_LOOKED = 40_000 # branches in all, after which the proof is given up
      WIDE = 256 # units to look through; in more a search is quicker than a cover

      # One bar of one lot set aside. stock, that it is of; problem, of the other
      # bars; bound, what is left over for it at least.
      Try = Struct.new(:stock, :problem, :bound, :over)

      # @return [Array<Array(Integer, Array<Integer>)>]
      attr_reader :fillings

      # @param stand [Stand]
      # @param found [Array] the cheapest cutting, as a search found it
      def initialize(stand, found)
        @stand = stand
        @problem = stand.problem
        @fillings = found
        @proved = true
        @looked = 0
        @longest = fillings.map { |stock, taken| @stand.remainder(room(stock), width(taken)) }.max || 0
        @counts = fillings.map(&:last).transpose.map(&:sum)
        improve if fillings.any?
      end

      # @return [Boolean] whether none leaves a longer offcut
      def proved? = @proved

      private

      def room(stock) = @problem.stocks[stock].room

      def width(taken) = taken.each_index.sum { |kind| taken[kind] * @problem.widths[kind] }

      # First for what leaves next to nothing over in the other bars, of any
      # lot, then for more: what one finds spares the others most of their way.
      def improve
        tries = lots.flat_map do |lot|
          lot.each_index.select { |stock| lot[stock].positive? }.map { |stock| set_aside(lot, stock) }
        end
        step, branches = STEP, BRANCHES
        until (tries = tries.reject { |one| one.over || limit(one) <= one.bound }).empty?
          return @proved = false if spent_up?

          tries.sort_by { |one| one.bound - room(one.stock) }.each do |one|
            search(one, step, [branches, Answer::MOST].min)
          end
          step *= 2
          branches *= 4
        end
      end

      # Ways to spend what the cheapest cutting costs: how many of each stock.
      def lots
        spent = fillings.sum { |stock, _| @problem.stocks[stock].cost }
        @problem.stocks.reduce([[[], 0]]) do |so_far, stock|
          so_far.flat_map do |lot, cost|
            (0..stock.count).filter_map do |count|
              [lot + [count], cost + count * stock.cost] if cost + count * stock.cost <= spent
            end
          end
        end.filter_map { |lot, cost| lot if cost == spent }
      end

      # The bars of the lot are paid for: what is left to be spared is what goes
      # into the one that is set aside.
      def set_aside(lot, aside)
        stocks = lot.each_with_index.map do |count, stock|
          Problem::Stock.new(room(stock), 0, count - ((stock == aside) ? 1 : 0))
        end
        problem = Problem.new(widths: @problem.widths, counts: @counts, stocks:, leaving: @problem.widths)
        left = width(@counts) - stocks.sum { |stock| stock.room * stock.count }
        Try.new(aside, problem, [left, 0].max, left > room(aside))
      end

      # What may go into the bar that is set aside, for its offcut to be longer
      # than the longest so far.
      def limit(one) = room(one.stock) - @stand.kerf - @longest

      # Looks for what leaves no more over than so much above the bound. What is
      # not there raises the bound; the try is over once that takes in all that
      # could matter.
      def search(one, step, branches)
        return if limit(one) <= one.bound || spent_up?

        below = [one.bound + step, limit(one)].min
        @ways ||= Ways.new(one.problem)
        cover = counted(Cover.new(one.problem, @ways, below:, steps: QUICK))
        cover = closely(one, below, branches) unless cover.done?
        settle(one, cover, below, branches:)
      end

      def settle(one, cover, below, branches:)
        one.bound = [one.bound, below].max if cover.done? && cover.found.nil?
        take(cover, one) if cover.found
        one.over = cover.done? ? limit(one) <= one.bound || !cover.found.nil? : branches == Answer::MOST
        @proved &&= cover.done? if one.over
      end

      # From a closer bound. What pieces are worth does not depend on how many
      # bars there are, so it is worked out once.
      def closely(one, below, branches)
        @closer ||= Ways.new(one.problem, worth: Worth.new(one.problem))
        one.bound = [one.bound, @closer.worth.bound(one.problem)].max
        looks = [-> { counted(Cover.new(one.problem, @closer, below:, steps: allowed(branches))) },
          -> { counted(Search.new(one.problem, below:, worth: @closer.worth, steps: allowed(branches / 4))) }]
        looks.reverse! if below - one.bound > WIDE
        found = looks.first.call
        found.done? ? found : looks.last.call
      end

      # What is left to look at, so that no set of lengths is looked at for ever.
      def allowed(branches) = [branches, MOST_LOOKED - @looked, 1].sort[1]

      def spent_up? = @looked >= MOST_LOOKED

      def counted(look)
        look.run.tap { @looked += look.steps }
      end

      def take(search, one)
        inside = search.found.reduce(@counts) { |left, (_, taken)| left.zip(taken).map { |all, other| all - other } }
        offcut = @stand.remainder(room(one.stock), width(inside))
        return if offcut <= @longest

        @longest = offcut
        @fillings = search.found + [[one.stock, inside]]
      end
    end
  end
end
