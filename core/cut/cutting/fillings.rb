# frozen_string_literal: true

module YellowTrack
  class Cutting
    # The ways to fill one bar that are worth a look: the fullest first, each
    # with the widest piece that is left. A filling that some other is sure to
    # be as good as is passed over: one that leaves room for a piece more, or
    # where a wider piece could take a narrower one's place.
    class Fillings
      SUMMED = 1_200 # sums that a piece makes in the time of a look

      # @param widths [Array<Integer>] of each kind, the widest first
      # @param counts [Array<Integer>] how many of each are left
      # @param most [Integer] room of the largest bar that is to be filled
      # @param worth [Worth, nil] what each kind is worth
      # @param looks [Integer, nil] give up after so many
      def initialize(widths, counts, most, worth: nil, looks: nil)
        @widths = widths
        @worth = worth
        @worths = worth&.worths
        @looks = looks
        @first = counts.index(&:positive?)
        @counts = counts.dup
        @counts[@first] -= 1
        spare = most - widths[@first]
        @kinds = (@first...widths.length).select { |kind| @counts[kind].positive? && widths[kind] <= spare }
        @looked = @kinds.sum { |kind| @counts[kind] } * [spare, 0].max / SUMMED
        @reach = Reach.sums(@kinds, @widths, @counts, most: spare) unless spare.negative?
      end

      # @return [Integer] fillings looked at so far, those passed over among them
      attr_reader :looked

      # @param room [Integer] of the bar
      # @param least [Integer] fill it at least so far
      # @param worth [Integer] with pieces worth so much at least
      # @yieldparam taken [Array<Integer>] how many of each kind; not to be kept
      # @yieldparam filled [Integer]
      def each(room, least, worth: 0, &found)
        spare = room - @widths[@first]
        return if spare.negative?

        begin_with(room, worth)
        Reach.each_down(@reach.first, [least - @widths[@first], 0].max, spare) do |sum|
          return nil if given_up?

          fill(0, sum, 0, filled: sum + @widths[@first], found:)
        end
      end

      private

      def given_up? = @looks && @looked > @looks

      def begin_with(room, worth)
        @room = room
        @wanted = @worths ? worth - @worths[@first] : 0
        @left = @counts.dup
        @taken = Array.new(@widths.length, 0)
        @taken[@first] = 1
      end

      def take(kind, by)
        @taken[kind] += by
        @left[kind] -= by
      end

      # Takes exactly so much more, of the kinds from a place on.
      def fill(place, more, worth, filled:, found:)
        return if given_up?
        return found_one(worth, filled, found) if more == 0
        return if @reach[place][more] == 0

        kind = @kinds[place]
        return if @worth && worth + @worth.most(kind, more) < @wanted

        width, each = @widths[kind], @worth ? @worths[kind] : 0
        count = [@left[kind], more / width].min
        take(kind, count)
        while count > 0
          fill(place + 1, more - count * width, worth + count * each, filled:, found:)
          take(kind, -1)
          count -= 1
        end
        fill(place + 1, more, worth, filled:, found:)
      end

      def found_one(worth, filled, found)
        @looked += 1
        found.call(@taken, filled) unless worth < @wanted || beaten?(@room - filled)
      end

      # Whether one piece more fits, or a wider one in a narrower one's place.
      def beaten?(spare)
        narrower = nil
        kind = @widths.length
        while (kind -= 1) >= 0
          return true if @left[kind] > 0 && @widths[kind] - (narrower || 0) <= spare

          narrower = @widths[kind] if @taken[kind] > ((kind == @first) ? 1 : 0)
        end
        false
      end
    end
  end
end
