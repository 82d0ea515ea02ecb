# frozen_string_literal: true

module YellowTrack
  class Cutting
    # The filling of one bar that is worth the most, each kind of piece having
    # a worth of its own: branch and bound by worth for width, given up after so
    # many branches, for lengths nearly alike would take it for ever.
    class Knapsack
      MOST = 20_000 # branches

      # @param widths [Array<Integer>]
      # @param counts [Array<Integer>]
      # @param worths [Array<Numeric>] none negative
      # @param most [Integer] give up after so many branches
      def initialize(widths, counts, worths, most: MOST)
        @most = most
        @widths = widths
        @worths = worths
        @counts = counts
        @order = widths.each_index.select { |kind| worths[kind].positive? && counts[kind].positive? }
          .sort_by { |kind| -worths[kind].fdiv(widths[kind]) }
        @rates = widths.each_index.map { |kind| worths[kind].fdiv(widths[kind]) }
      end

      # @param above [Numeric] no filling worth less is of interest
      # @return [Array(Numeric, Array<Integer>)] worth, and how many of each;
      #   that and nil where none is worth more
      def best(room, above: 0)
        @worth = above
        @best = nil
        @taken = Array.new(@widths.length, 0)
        @branches = 0
        add(0, room, 0)
        [@worth, @best]
      end

      # @return [Boolean] whether there was none better than the last best
      def done? = @branches < @most

      private

      def add(place, room, worth)
        if worth > @worth
          @worth = worth
          @best = @taken.dup
        end
        kind = @order[place]
        return if (@branches += 1) > @most || kind.nil? || worth + @rates[kind] * room <= @worth

        width, each = @widths[kind], @worths[kind]
        count = [@counts[kind], room / width].min
        while count >= 0
          @taken[kind] = count
          add(place + 1, room - count * width, worth + count * each)
          count -= 1
        end
        @taken[kind] = 0
      end
    end
  end
end
