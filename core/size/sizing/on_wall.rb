# frozen_string_literal: true

module YellowTrack
  class Sizing
    # What a set on the wall is sized to (handbook 2): the greatest width and head, which it has to cover. There is no
    # jamb to follow, and nothing is packed at one.
    class OnWall < Sizing
      # Whether it is to hang between two plumb lines: there are none.
      def plumb? = false

      # @return [Rational] mm of packing at a jamb: none
      def packing(_side) = 0r

      private

      def size
        @before_packing = @width = take("sizing.width", "Sizing width, W", figures.greatest_width,
          why: "The most that is to be covered.")
        @height = under("greatest head", figures.greatest_head, "The most that is to be covered.")
      end
    end
  end
end
