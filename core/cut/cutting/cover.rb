# frozen_string_literal: true

module YellowTrack
  class Cutting
    # Shares all pieces out among bars that are nearly full and one that was
    # set aside, which takes as little as can be: an exact cover. What is the
    # hardest to place, by how many fillings are left that hold it, is placed
    # first. Every bar is used, so the waste of the others comes to exactly what
    # the one set aside holds beyond the least it could.
    class Cover
      SCANNED = 64 # fillings looked through for a branch more
      KEPT = 100_000 # states remembered, so that memory does not grow

      # @return [Array<Array(Integer, Array<Integer>)>, nil] fillings of the
      #   other bars; nil for none found
      attr_reader :found

      # @param problem [Problem] of the other bars, every one to be used
      # @param ways [Ways] to fill them
      # @param below [Integer] less than this goes into the bar set aside
      # @param steps [Integer] give up after so many branches, or the work of so
      #   many
      def initialize(problem, ways, below:, steps:)
        @widths, @ways, @most_steps, @steps = problem.widths, ways, steps, 0
        @shift, @field, @guard = ways.shift, ways.field, ways.guard
        @left = problem.stocks.map(&:count)
        @least = problem.total - problem.stocks.sum { |stock| stock.room * stock.count }
        @most = below - 1 - @least
        @so_far, @failed = [], {}
      end

      # @return [Integer] branches looked at
      attr_reader :steps

      # @return [Boolean] whether nothing better than what was found is left
      def done? = @steps < @most_steps

      # @return [Cover] itself, its best found
      def run
        due = @ways.due(@left)
        aside = @most.negative? ? [] : @ways.beyond(@least, @most, -due)
        others = aside && (aside.empty? ? [] : others(allowed(nil) - due))
        return give_up if others.nil?

        place(@ways.all, others, aside, waste: 0, held: nil, due:) if aside.any?
        self
      end

      private

      def give_up
        @steps = @most_steps
        self
      end

      # @return [Array<Filling>, nil] nil for too many
      def others(adds)
        lists = @left.each_index.select { |one| @left[one].positive? }.map { |one| @ways.nearly_full(one, @most, adds) }
        lists.flatten(1) unless lists.any?(&:nil?)
      end

      # @param left [Integer] pieces still to be placed, as one number
      # @param others [Array<Filling>] those that were left for the bars
      # @param aside [Array<Filling>] and for the one set aside
      # @param waste [Integer] so far
      # @param held [Filling, nil] what the bar set aside holds
      # @param due [Integer]
      def place(left, others, aside, waste:, held:, due:)
        return if held && held.waste > @most
        return (keep(held) if @left.all?(&:zero?)) if held && left.zero?

        @steps += 1 + others.length / SCANNED
        state = [left, held ? 1 : 0, *@left]
        return if !done? || @failed[state]

        before = @most
        branch(left, fitting(left, others, (held ? held.waste : @most) - waste, adds: allowed(held) - due),
          held ? [] : fitting_aside(left, aside, waste, adds: -due), waste:, held:, due:)
        fail_at(state) if @most == before || held.nil?
      end

      # From the same pieces and bars as much would be wasted as before, so that
      # nothing is to be found there again; but where something was, another bar
      # set aside may hold less.
      def fail_at(state)
        @failed[state] = true if @failed.length < KEPT
      end

      def branch(left, others, aside, waste:, held:, due:)
        kind = hardest(left, others, aside, held:)
        aside.each do |filling|
          take(filling, left, others, aside:, waste:, held:, due:) if kind.nil? || filling.taken[kind] > 0
        end
        return unless kind

        others.each do |filling|
          take(filling, left, others, aside:, waste:, held:, due:) if filling.taken[kind] > 0 &&
            !beaten?(filling, kind, left)
        end
      end

      # With the bar set aside filled, nothing more may be due.
      def allowed(held) = held ? 0 : (@least + @most) * Worth::SCALE

      def keep(held)
        @most = held.waste - 1
        @found = @so_far.select(&:stock).map { |filling| [filling.stock, filling.taken] }
      end

      def fitting(left, others, most, adds:)
        guarded, guard, bars = left | @guard, @guard, @left
        others.select do |one|
          one.waste <= most && one.adds <= adds && bars[one.stock] > 0 && (guarded - one.number) & guard == guard
        end
      end

      def fitting_aside(left, aside, least, adds:)
        guarded, guard, most = left | @guard, @guard, @most
        aside.select do |one|
          one.waste >= least && one.waste <= most && one.adds <= adds && (guarded - one.number) & guard == guard
        end
      end

      # The kind of piece that the fewest fillings hold; nil where those of the
      # bar set aside are fewer.
      def hardest(left, others, aside, held:)
        held_by = tally(others, aside)
        fewest, found = held ? others.length + 1 : aside.length, nil
        kind = held_by.length
        while (kind -= 1) >= 0
          fewest, found = held_by[kind], kind if held_by[kind] < fewest && (left >> @shift[kind]) & @field[kind] > 0
        end
        found
      end

      # Whether one piece more fits, or a wider one in a narrower one's place:
      # some other cutting is as good then.
      def beaten?(filling, kind, left)
        waste = filling.waste
        left -= filling.number
        filling.kinds.any? { |one| wider?(one, waste, left) if one != kind || filling.taken[one] > 1 } ||
          more?(waste, left)
      end

      def wider?(kind, waste, left)
        most = @widths[kind] + waste
        while (kind -= 1) >= 0 && @widths[kind] <= most
          return true if (left >> @shift[kind]) & @field[kind] > 0
        end
        false
      end

      def more?(waste, left)
        kind = @widths.length
        while (kind -= 1) >= 0 && @widths[kind] <= waste
          return true if (left >> @shift[kind]) & @field[kind] > 0
        end
        false
      end

      def tally(others, aside)
        held_by = Array.new(@widths.length, 0)
        others.each { |one| one.kinds.each { |kind| held_by[kind] += 1 } }
        aside.each { |one| one.kinds.each { |kind| held_by[kind] += 1 } }
        held_by
      end

      def take(filling, left, others, aside:, waste:, held:, due:)
        stock = filling.stock
        @left[stock] -= 1 if stock
        @so_far.push(filling)
        place(left - filling.number, others, aside, waste: stock ? waste + filling.waste : waste,
          held: stock ? held : filling,
          due: due + filling.adds)
        @so_far.pop
        @left[stock] += 1 if stock
      end
    end
  end
end
