# frozen_string_literal: true

module YellowTrack
  module Practice
    class Rack
      # Looks at every sharing that goes in, and keeps those that nothing betters.
      class Search
        # One bar as the search goes by it.
        #
        # price [Integer] in hundredths
        # alike [Boolean] whether the one before it is like it: then it is taken only once that is begun
        Place = Struct.new(:price, :alike)

        # @return [Array<Array<Integer>>] of the least cost, then the fewest bars, then the longest offcut, those that
        #   differ by the numbers of their bars alone among them
        attr_reader :found

        # @param rack [Rack]
        def initialize(rack)
          @whole = Whole.new(rack)
          @places = rack.bars.each_with_index.map do |bar, place|
            Place.new((bar.price * 100).to_i, place.positive? && bar == rack.bars[place - 1])
          end
          @found, @worth = [], nil
          share([], @whole.rooms)
        end

        private

        # @param sharing [Array<Integer>] bars of the pieces, in the order that they are looked at
        # @param begun [Array<Integer>] the bars that are begun
        # @param cost [Integer] what they come to
        def share(sharing, left, begun = [], cost: 0)
          return if @worth && -cost < @worth.first
          return keep(sharing, left, begun, cost:) if sharing.length == @whole.order.length

          wide = @whole.widths[@whole.order[sharing.length]]
          @places.each_with_index do |place, bar|
            next if left[bar] < wide || (place.alike && !begun.include?(bar - 1))

            left[bar] -= wide
            new = !begun.include?(bar)
            share([*sharing, bar], left, new ? [*begun, bar] : begun, cost: new ? cost + place.price : cost)
            left[bar] += wide
          end
        end

        def keep(sharing, left, begun, cost:)
          worth = [-cost, -begun.length, begun.map { |bar| [left[bar] - @whole.kerf, 0].max }.max]
          better = @worth ? worth <=> @worth : 1
          return if better.negative?

          @found, @worth = [], worth if better.positive?
          @found << @whole.order.zip(sharing).sort.map(&:last)
        end
      end
    end
  end
end
