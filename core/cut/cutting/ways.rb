# frozen_string_literal: true

module YellowTrack
  class Cutting
    # Every way to fill a bar nearly full, for the tries of a Remainder: they
    # share pieces and bars, so what fills a bar is worked out once. With a
    # further bound, only what is worth enough.
    class Ways
      MOST = 8_000 # fillings; where there are more, a search does without

      # A way to fill a bar: counts of each kind, once more as one number, and
      # which kinds; waste of the bar; what it adds to what is due.
      #
      # stock [Integer, nil] nil for the bar that was set aside
      Filling = Struct.new(:stock, :taken, :number, :kinds, :waste, :adds)

      # @return [Array<Integer>] of each kind of piece, where its count stands in
      #   a number, and which bits it has there
      attr_reader :shift, :field
      # @return [Integer] a bit over each kind's that a subtraction takes away
      #   where there are too few
      attr_reader :guard
      # @return [Integer] all pieces
      attr_reader :all
      # @return [Worth, nil] a further bound
      attr_reader :worth

      # @param problem [Problem]
      # @param worth [Worth, nil]
      def initialize(problem, worth: nil)
        @widths, @counts, @stocks, @worth = problem.widths, problem.counts, problem.stocks, worth
        @known = {}
        @largest = @stocks.map(&:room).max
        count_in_bits
      end

      # What fills a bar but for so much, the fullest first.
      #
      # @param one [Integer] its stock
      # @param most [Integer] waste
      # @param adds [Integer] to what is due, at most
      # @return [Array<Filling>, nil] nil for too many
      def nearly_full(one, most, adds)
        return worked_out(one, most, adds) if worth

        far, list = @known[one]
        return list.take_while { |filling| filling.waste <= most } if list && far >= most
        return if far && list.nil? && far <= most

        list = worked_out(one, most, adds)
        @known[one] = [most, list]
        list
      end

      # What the bar set aside may hold, the least first; as waste, what it holds
      # beyond the least.
      #
      # @return [Array<Filling>, nil] nil for too many
      def beyond(least, most, adds) = fillings(nil, least, least + most,
        wanted: -adds) { |filled| filled - least }&.reverse

      # What all pieces are worth more than bars give away, Worth::SCALE times as
      # large.
      #
      # @param left [Array<Integer>] how many bars of each stock
      def due(left) = worth ? worth.of(@counts) - left.each_index.sum { |one| left[one] * worth.excess[one] } : 0

      private

      def count_in_bits
        at = 0
        @shift = @counts.map { |count| at.tap { at += count.bit_length + 1 } }
        @field = @counts.map { |count| (1 << count.bit_length) - 1 }
        @guard = @counts.each_index.sum { |kind| (@field[kind] + 1) << @shift[kind] }
        @all = @counts.each_index.sum { |kind| @counts[kind] << @shift[kind] }
      end

      def worked_out(one, most, adds)
        room = @stocks[one].room
        fillings(one, room - most, room, wanted: worth ? worth.excess[one] - adds : 0) { |filled| room - filled }
      end

      # Everything that fills a bar so far, with pieces worth so much at least.
      #
      # @yieldparam filled [Integer]
      # @yieldreturn [Integer] what is wasted then
      def fillings(stock, least, most, wanted:)
        made, sums, taken = [], Reach.sums(@widths.each_index.to_a, @widths, @counts, most:),
          Array.new(@widths.length, 0)
        Reach.each_down(sums.first, [least, 0].max, most) do |filled|
          fill(sums, 0, filled, wanted:, taken:) { made << filling(stock, taken, yield(filled)) }
          return nil if made.length > MOST
        end
        made
      end

      # @param wanted [Integer] worth still to come
      def fill(sums, kind, more, wanted:, taken:, &found)
        return (found.call unless wanted.positive?) if more == 0
        return if sums[kind][more] == 0 || (more <= @largest && worth && worth.most(kind, more) < wanted)

        count, each = [@counts[kind], more / @widths[kind]].min, worth ? worth.worths[kind] : 0
        while count >= 0
          taken[kind] = count
          fill(sums, kind + 1, more - count * @widths[kind], wanted: wanted - count * each, taken:, &found)
          count -= 1
        end
        taken[kind] = 0
      end

      def filling(stock, taken, waste)
        kinds = taken.each_index.select { |kind| taken[kind].positive? }
        Filling.new(stock, taken.dup, kinds.sum { |kind| taken[kind] << @shift[kind] }, kinds, waste,
          worth ? adds(stock, taken) : 0)
      end

      def adds(stock, taken) = (stock ? worth.excess[stock] : 0) - worth.of(taken)
    end
  end
end
