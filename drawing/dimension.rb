# frozen_string_literal: true

module YellowTrack
  module Drawing
    # Dimensions as a joiner draws them: extension lines, short oblique ticks,
    # the figure above the line.
    class Dimension
      TICK = 4
      OVER = 5 # the figure above the line
      BEYOND = 4 # the extension line past it

      # @param pen [SVG, Paper::Ink]
      def initialize(pen)
        @pen = pen
      end

      # Along the picture's width.
      #
      # @param from [Numeric] x of one end
      # @param to [Numeric] x of the other
      # @param y [Numeric] of the line
      # @param feet [Numeric] y where the extension lines start
      def across(from, to, y, figure:, feet:)
        [from, to].each { |x| extension([x, feet], [x, y + ((feet > y) ? -BEYOND : BEYOND)]) }
        line([from, y], [to, y])
        @pen.text([(from + to) / 2.0, y - OVER], figure, "figure")
      end

      # Up the picture's height, the figure turned to read from the right.
      #
      # @param feet [Numeric] x where the extension lines start
      def upright(from, to, x, figure:, feet:)
        [from, to].each { |y| extension([feet, y], [x + ((feet > x) ? -BEYOND : BEYOND), y]) }
        line([x, from], [x, to])
        @pen.text([x - OVER, (from + to) / 2.0], figure, "figure", turn: -90)
      end

      private

      # From the part that is measured out to its dimension.
      def extension(from, to) = @pen.line(from, to, "extension")

      # The line itself, with a tick at either end.
      def line(from, to)
        @pen.line(from, to, "dimension")
        [from, to].each { |x, y| @pen.line([x - TICK, y + TICK], [x + TICK, y - TICK], "tick") }
      end
    end
  end
end
