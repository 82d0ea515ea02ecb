# frozen_string_literal: true

module YellowTrack
  class Cutting
    # Shares all pieces out among bars that are nearly full and one that was
    # set aside, which takes as little as can be: an exact cover. What is the
    # hardest to place, by how many fillings are left that hold it, is placed
    # first. Every bar is used, so the waste of the others comes to exactly what
    # the one set aside holds beyond the least it could.
    class Cover
      KEPT = 100_000 # states remembered, so that memory does not grow

      # A way to fill a bar: counts of each kind, once more as one number, and
      # which kinds; waste of the bar; what it adds to what is due.
      #
      # stock [Integer, nil] nil for the bar that was set aside
      Filling = Struct.new(:stock, :taken, :number, :kinds, :waste, :adds)

      # @return [Array<Array(Integer, Array<Integer>)>, nil] fillings of the
      #   other bars; nil for none found
      attr_reader :found

      # @param problem [Problem] of the other bars, every one to be used
      # @param below [Integer] less than this goes into the bar set aside
      # @param worth [Worth, nil] a further bound
      # @param steps [Integer] give up after so many branches
      def initialize(problem, below:, worth: nil, steps: Float::INFINITY)
        @widths, @counts, @stocks = problem.widths, problem.counts, problem.stocks
        @worth, @most_steps, @steps = worth, steps, 0
        @least = problem.total - @stocks.sum { |stock| stock.room * stock.count }
        @most = below - 1 - @least
        @left = @stocks.map(&:count)
        @so_far, @failed = [], {}
        count_in_bits
      end

      # @return [Boolean] whether nothing better than what was found is left
      def done? = @steps < @most_steps

      # @return [Cover] itself, its best found
      def run
        place(@all, others, aside, 0, nil, due) unless @most.negative?
        self
      end

      private

      # A field of bits for each kind of piece, with a bit on top that a
      # subtraction takes away where there are too few.
      def count_in_bits
        at = 0
        @shift = @counts.map { |count| at.tap { at += count.bit_length + 1 } }
        @field = @counts.map { |count| (1 << count.bit_length) - 1 }
        @guard = @counts.each_index.sum { |kind| (@field[kind] + 1) << @shift[kind] }
        @all = @counts.each_index.sum { |kind| @counts[kind] << @shift[kind] }
      end

      def others
        @stocks.each_index.select { |one| @left[one].positive? }.flat_map do |one|
          room = @stocks[one].room
          fillings(one, room - @most, room) { |filled| room - filled }
        end
      end

      def aside = fillings(nil, @least, @least + @most) { |filled| filled - @least }

      # Everything that fills a bar so far.
      #
      # @yieldparam filled [Integer]
      # @yieldreturn [Integer] what is wasted then
      def fillings(stock, least, most)
        made, sums, taken = [], reach(most), Array.new(@widths.length, 0)
        bits = sums.first >> [least, 0].max << [least, 0].max
        while (filled = bits.bit_length - 1) >= 0
          fill(sums, 0, filled, taken) { made << filling(stock, taken, yield(filled)) }
          bits ^= 1 << filled
        end
        made.reverse
      end

      # Sums that the kinds from each on can make: a bit for each sum.
      def reach(most)
        mask = (1 << (most + 1)) - 1
        @widths.each_index.reverse_each.with_object([1]) { |kind, made| made << within(made.last, kind, mask) }.reverse
      end

      def within(sums, kind, mask)
        @counts[kind].times { sums |= (sums << @widths[kind]) & mask }
        sums
      end

      def fill(sums, kind, more, taken, &found)
        return found.call if more == 0
        return if sums[kind][more] == 0

        count = [@counts[kind], more / @widths[kind]].min
        while count >= 0
          taken[kind] = count
          fill(sums, kind + 1, more - count * @widths[kind], taken, &found)
          count -= 1
        end
        taken[kind] = 0
      end

      def filling(stock, taken, waste)
        kinds = taken.each_index.select { |kind| taken[kind].positive? }
        Filling.new(stock, taken.dup, kinds.sum { |kind| taken[kind] << @shift[kind] }, kinds, waste, @worth ? adds(stock, taken) : 0)
      end

      def adds(stock, taken) = (stock ? @worth.excess[stock] : 0) - @worth.of(taken)

      # What all pieces are worth more than the bars give away, Worth::SCALE
      # times as large: so much has to go into the bar set aside.
      def due = @worth ? @worth.of(@counts) - @left.each_index.sum { |one| @left[one] * @worth.excess[one] } : 0

      # @param left [Integer] pieces still to be placed, as one number
      # @param others [Array<Filling>] those that were left for the bars
      # @param aside [Array<Filling>] and for the one set aside
      # @param waste [Integer] so far
      # @param held [Filling, nil] what the bar set aside holds
      # @param due [Integer]
      def place(left, others, aside, waste, held, due)
        return keep(held) if held && left.zero?

        @steps += 1
        state = [left, held ? 1 : 0, *@left]
        return if !done? || (held && held.waste > @most) || @failed[state]

        before = @most
        branch(left, fitting(left, others, (held ? held.waste : @most) - waste, allowed(held) - due),
          held ? [] : fitting_aside(left, aside, waste, -due), waste, held, due)
        fail_at(state) if @most == before || held.nil?
      end

      # From the same pieces and bars as much would be wasted as before, so that
      # nothing is to be found there again; but where something was, another bar
      # set aside may hold less.
      def fail_at(state)
        @failed[state] = true if @failed.length < KEPT
      end

      def branch(left, others, aside, waste, held, due)
        kind = hardest(left, others, aside, held)
        aside.each { |filling| take(filling, left, others, aside, waste, held, due) if kind.nil? || filling.taken[kind] > 0 }
        return unless kind

        others.each { |filling| take(filling, left, others, aside, waste, held, due) if filling.taken[kind] > 0 && !beaten?(filling, kind, left) }
      end

      # With the bar set aside filled, nothing more may be due.
      def allowed(held) = held ? 0 : (@least + @most) * Worth::SCALE

      def keep(held)
        @most = held.waste - 1
        @found = @so_far.select(&:stock).map { |filling| [filling.stock, filling.taken] }
      end

      def fitting(left, others, most, adds)
        guarded, guard, bars = left | @guard, @guard, @left
        others.select { |one| one.waste <= most && one.adds <= adds && bars[one.stock] > 0 && (guarded - one.number) & guard == guard }
      end

      def fitting_aside(left, aside, least, adds)
        guarded, guard, most = left | @guard, @guard, @most
        aside.select { |one| one.waste >= least && one.waste <= most && one.adds <= adds && (guarded - one.number) & guard == guard }
      end

      # The kind of piece that the fewest fillings hold; nil where those of the
      # bar set aside are fewer.
      def hardest(left, others, aside, held)
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
        filling.kinds.any? { |one| wider?(one, waste, left) if one != kind || filling.taken[one] > 1 } || more?(waste, left)
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

      def take(filling, left, others, aside, waste, held, due)
        stock = filling.stock
        @left[stock] -= 1 if stock
        @so_far.push(filling)
        place(left - filling.number, others, aside, stock ? waste + filling.waste : waste, stock ? held : filling,
          due + filling.adds)
        @so_far.pop
        @left[stock] += 1 if stock
      end
    end
  end
end
