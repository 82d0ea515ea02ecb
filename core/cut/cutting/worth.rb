# frozen_string_literal: true

module YellowTrack
  class Cutting
    # What each kind of piece costs at least, wherever it is cut from: prices
    # that make no filling of any bar worth more than the bar (but for bars of
    # which there are only so many). Their sum is a bound for any cutting.
    # Found by linear programming over fillings, a filling at a time; whatever
    # floating point makes of it is made good in whole numbers afterwards.
    class Worth
      SCALE = 1 << 20
      NEAR = 1e-6
      CLOSE = 1e-5
      ROUNDS = 120
      TABLE = 2_000 # places of a table
      SURE = 500_000 # branches worth the time for a bound that is exact

      # @return [Array<Integer>] of each kind, SCALE times as large
      attr_reader :worths
      # @return [Array<Integer>] what each stock's best filling is worth more
      #   than the bar costs, SCALE times as large
      attr_reader :excess

      # @param problem [Problem]
      def initialize(problem)
        @widths, @counts, @stocks, @leaving = problem.widths, problem.counts, problem.stocks, problem.leaving
        @kinds = @widths.length
        @scarce = @stocks.each_index.reject { |one| @stocks[one].count == problem.plenty }
        start
        ROUNDS.times { break unless better? }
        settle
      end

      # @param counts [Array<Integer>] pieces still to be cut
      # @return [Integer] what they are worth, SCALE times as large
      def of(counts)
        sum, kind = 0, @kinds
        while (kind -= 1) >= 0
          count = counts[kind]
          sum += count * @worths[kind] if count > 0
        end
        sum
      end

      # @param kind [Integer]
      # @param room [Integer]
      # @return [Integer] no pieces of this kind and the narrower ones that fit
      #   the room are worth more
      def most(kind, room) = @most[kind][(room + @step - 1) / @step]

      # What bars hold at most, in worth, for what they cost: what lengths alone
      # let through may still hold too few pieces.
      #
      # @param stocks [Array<Problem::Stock>]
      # @return [Frontier]
      def frontier(stocks)
        Frontier.new(stocks.map { |stock|
          Problem::Stock
                  .new(most(0, stock.room) / SCALE + 1, stock.cost, stock.count)
        }, of(@counts) / SCALE)
      end

      # @param problem [Problem] with the same pieces, and the same bars but for
      #   their counts
      # @return [Integer] what no cutting of the whole costs less than
      def bound(problem)
        -((@excess.each_index.sum { |one| @excess[one] * problem.stocks[one].count } - of(@counts)) / SCALE)
      end

      private

      # A basis of bars that hold one kind each, and of scarce bars left over.
      def start
        @rows = @kinds + @scarce.length
        @rest = @counts.map(&:to_f) + @scarce.map { |one| @stocks[one].count.to_f }
        @inverse = Array.new(@rows) { |row| Array.new(@rows) { |column| (row == column) ? 1.0 : 0.0 } }
        @prices = Array.new(@rows, 0.0)
        @kinds.times { |kind| alone(kind) }
      end

      def alone(kind)
        cost, held = plenty.filter_map do |stock|
          [stock.cost, (stock.room / @widths[kind]).clamp(1, @counts[kind])] if stock.room >= @widths[kind]
        end
          .push([@leaving ? @leaving[kind] : dear, 1]).min_by { |price, count| price.fdiv(count) }
        @inverse[kind][kind] = 1.0 / held
        @rest[kind] /= held
        @prices[kind] = cost.to_f / held
      end

      def plenty = @plenty ||= @stocks.each_index.reject { |one| @scarce.include?(one) }.map { |one| @stocks[one] }

      # What a makeshift filling costs, for pieces that only scarce bars hold.
      def dear = 2.0 * @stocks.sum(&:cost)

      # Brings in whatever saves something: each stock's best filling, a piece
      # cut too many, a scarce bar left over.
      #
      # @return [Boolean] whether anything did
      def better?
        saved = (0...@rows).count { |row| loss(row) < -NEAR && enter(0.0, loss(row), unit(row)) }
        left = @leaving ? @kinds.times.count { |kind| leave(kind) } : 0
        filled = @stocks.each_index.count { |one| fill(one) }
        saved + left + filled > 0
      end

      # What a unit more of a row would save.
      def loss(row) = (row < @kinds) ? @prices[row] : -@prices[row]

      def unit(row) = Array.new(@rows) { |one|
        if one == row
          (row < @kinds) ? -1.0 : 1.0
        else
          0.0
        end
      }

      def leave(kind)
        saving = @leaving[kind] - @prices[kind]
        saving < -NEAR * @leaving[kind] &&
          enter(@leaving[kind], saving, Array.new(@rows) { |one| (one == kind) ? 1.0 : 0.0 })
      end

      def fill(one)
        stock = @stocks[one]
        row = @scarce.index(one)
        paid = stock.cost - (row ? @prices[@kinds + row] : 0.0)
        worth, taken = Knapsack.new(@widths, @counts, @prices.first(@kinds))
          .best(stock.room, above: paid + CLOSE * paid.abs + NEAR)
        return false unless taken

        saving = paid - worth
        enter(stock.cost, saving, taken.map(&:to_f) + Array.new(@scarce.length) { |place| (place == row) ? 1.0 : 0.0 })
      end

      # One step of the simplex method.
      #
      # @param saving [Float] its reduced cost, negative
      def enter(cost, saving, column)
        moved = @inverse.map { |row| dot(row, column) }
        leaving = moved.each_index.select { |row| moved[row] > 1e-9 }.min_by { |row| @rest[row] / moved[row] } or
          return false

        scale = 1.0 / moved[leaving]
        pivot = @inverse[leaving].map! { |value| value * scale }
        @rest[leaving] *= scale
        moved.each_index { |row| reduce(row, leaving, moved[row]) unless row == leaving || moved[row].abs < 1e-12 }
        @rows.times { |place| @prices[place] += saving * pivot[place] }
        true
      end

      def reduce(row, leaving, by)
        pivot, target = @inverse[leaving], @inverse[row]
        place = @rows
        target[place] -= by * pivot[place] while (place -= 1) >= 0
        @rest[row] -= by * @rest[leaving]
      end

      def dot(row, column)
        place, sum = @rows, 0.0
        while (place -= 1) >= 0
          by = column[place]
          sum += row[place] * by unless by.zero?
        end
        sum
      end

      # Whole numbers, and how far they overstep, exactly.
      def settle
        @worths = @prices.first(@kinds).map { |price| ([price, 0.0].max * SCALE).floor }
        @worths = @worths.zip(@leaving).map { |worth, cost| [worth, cost * SCALE].min } if @leaving
        @excess = Array.new(@stocks.length, 0)
        unsure = overstepped
        @worths = @worths.map { |worth| (worth * (1 - 2 * CLOSE)).floor }
        tabulate
        make_sure(unsure) if unsure.any?
      end

      # @return [Array<Integer>] stocks whose best filling was not found for sure
      def overstepped
        knapsack = Knapsack.new(@widths, @counts, @worths, most: SURE)
        @stocks.each_index.reject do |one|
          @excess[one] = excess_of(knapsack, @stocks[one], @scarce.index(one))
          knapsack.done?
        end
      end

      # By the table, which errs on the safe side: where there is any number of
      # a bar no filling may be worth more than it, so all worths come down.
      def make_sure(unsure)
        shares = (unsure - @scarce).map do |one|
          Rational(@stocks[one].cost * SCALE, [most(0, @stocks[one].room), 1].max)
        end
        if (share = [1, *shares].min) < 1
          @worths = @worths.map { |worth| (worth * share).floor }
          tabulate
        end
        unsure.each do |one|
          @excess[one] = @scarce.include?(one) ? [most(0, @stocks[one].room) - @stocks[one].cost * SCALE, 0].max : 0
        end
      end

      # What the best filling is worth more than the bar. What is close is not
      # told apart, so the worths are brought down by more than that afterwards.
      def excess_of(knapsack, stock, row)
        paid = stock.cost - (row ? @prices[@kinds + row] : 0.0)
        most, taken = knapsack.best(stock.room, above: ((paid + CLOSE * paid.abs) * SCALE).ceil)
        return [most - stock.cost * SCALE, 0].max if taken || row

        0
      end

      # The most that the kinds from each on are worth in each room, in steps
      # coarse enough for a table.
      def tabulate
        room = @stocks.map(&:room).max
        @step = (room / TABLE) + 1
        row = Array.new(room / @step + 2, 0)
        @most = @kinds.pred.downto(0).map { |kind| row = with(row, kind) }.reverse
      end

      def with(row, kind)
        width, worth = @widths[kind] / @step, @worths[kind]
        return row if worth.zero?

        @counts[kind].times.reduce(row) do |before, _|
          before.each_index.map do |room|
            (room < width) ? before[room] : [before[room], before[room - width] + worth].max
          end
        end
      end
    end
  end
end
