# frozen_string_literal: true

module YellowTrack
  module Drawing
    # The opening that doors want, for whoever frames it: finished, and dashed the
    # rough one before its linings, from the finished floor.
    # For somebody who has no plan and no door before him: finished sizes under and beside the opening, rough ones
    # over and at its other side, so that no figure can be taken for another.
    class ToBuild < Picture
      WIDTH = 460
      HEIGHT = 400
      BOX = [90, 60, 260, 270].freeze

      # @param plan [Plan] with panels of given sizes
      # @param printer [Length::Printer]
      def initialize(plan, printer)
        super(printer)
        @set, @wanted = plan.set, plan.set.wanted
        wide, high = outer
        @frame = Frame.new(wide, high, BOX)
      end

      # What stands in the window's own line.
      def title = "The opening to build"

      # What it is called in the page; one of each stands there.
      def id = "to-build"

      # Draws it with its pen.
      def paint
        left = (outer.first - width) / 2
        rough if @wanted.rough
        pen.rect(@frame.at(left, height), [@frame.length(width), @frame.length(height)], "face")
        pen.line([20, @frame.y(0)], [WIDTH - 20, @frame.y(0)], "cut")
        pen.text([24, @frame.y(0) + 18], "finished floor", "quiet", anchor: "start")
        sizes(left)
      end

      private

      # As it is wanted by design; what may be a little more or less stands in the table.
      def width = @wanted.width[:design]

      # As it is best, mm; what else would do is told in words.
      def height = @wanted.height[:design]

      # The rough opening, where linings come into it; else the finished one.
      def outer = @wanted.rough ? @wanted.rough.values_at(:width, :height) : [width, height]

      # Dashed around the finished one: it is the first that is built, and none of it is seen in the end.
      def rough
        pen.rect(@frame.at(0, outer.last), outer.map { |side| @frame.length(side) }, "hidden")
      end

      # Finished at the left and below, rough at the right and above.
      def sizes(left)
        dimension = Dimension.new(pen)
        floor = @frame.y(0)
        dimension.across(@frame.x(left), @frame.x(left + width), floor + 40, figure: say(width), feet: floor + 4)
        dimension.upright(@frame.y(height), floor, @frame.x(0) - 24, figure: say(height), feet: @frame.x(left) - 4)
        return unless @wanted.rough

        top = @frame.y(outer.last)
        dimension.across(@frame.x(0), @frame.x(outer.first), top - 16, figure: say(outer.first), feet: top - 4)
        dimension.upright(top, floor, @frame.x(outer.first) + 34, figure: say(outer.last),
          feet: @frame.x(outer.first) + 4)
      end

      def say(mm) = printer.text(mm)

      def description
        "Finished #{say(width)} wide and #{say(height)} high" +
          (@wanted.rough ? "; rough #{outer.map { |side| say(side) }.join(" by ")}." : ".")
      end
    end
  end
end
