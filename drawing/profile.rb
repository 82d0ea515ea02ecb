# frozen_string_literal: true

module YellowTrack
  module Drawing
    # Floor and head along the opening, their rises larger than life, with the
    # bays behind between them.
    # A floor that falls 6 mm in 1800 would be a straight line to scale; drawn eight times as much, it shows where the
    # high point is.
    class Profile < Picture
      WIDTH = 740
      HEIGHT = 150
      LEFT = 60
      HEAD = 34 # screen units down to the level of the head's low point
      FLOOR = 112 # and to that of the floor's high point
      RISE = 18.0 # for the most either departs from it
      FACTORS = [80, 60, 50, 40, 30, 25, 20, 15, 10, 8, 5, 4, 3, 2, 1].freeze

      # @param plan [Plan]
      # @param printer [Length::Printer]
      def initialize(plan, printer)
        @plan = plan
        super(printer)
        @frame = Frame.new(width, 1, [LEFT, 0, WIDTH - 2 * LEFT, 1])
      end

      # How many times larger than life rises are drawn.
      def factor
        @factor ||= begin
          most = (heads + floors).map { |_, rise| rise.abs }.max.to_f
          FACTORS.find { |factor| most * factor * @frame.scale <= RISE } || 1
        end
      end

      # What stands in the window's own line.
      def title = "Floor and head along the opening"

      # What it is called in the page; one of each stands there.
      def id = "profile"

      # Draws it with its pen.
      def paint
        bays
        line(heads, HEAD, -6)
        floor_read? ? line(floors, FLOOR, 20) : unread
      end

      private

      def drawn_from = [width, heads, floors, floor_read?, @plan.survey.bays]

      def figures = @plan.figures

      # Along the floor, mm.
      def width = @plan.survey["widths.bottom"]

      # Places along the floor with how far each lies above the head's low
      # point, or below the floor's high point.
      def heads = @heads ||= [0r, width / 2, width].map { |x| [x, figures.head(x) - figures.head_low] }

      # The floor stands at its stations, and between them on the straight line that joins them.
      def floors
        @floors ||= @plan.survey.floor.places(0r, width).map { |x| [x, @plan.survey.floor.at(x) - figures.floor_high] }
      end

      # A floor that nobody read is drawn level, and not as if it were known to be.
      def floor_read? = @plan.survey.floor.read?

      # What is not read is no line.
      def unread
        pen.line([@frame.x(0) - 20, FLOOR], [@frame.x(width) + 20, FLOOR], "hidden")
        pen.text([@frame.x(width / 2), FLOOR + 20], "?", "quiet")
      end

      def description
        floor = floor_read? ? "Floor from its high point: #{said(floors)}." : "Floor not read."
        "Head above its low point: #{said(heads)}. #{floor} Drawn #{factor} times larger than life."
      end

      # Each place with its figure, in words.
      def said(list) = list.map { |x, rise| "#{say(rise)} at #{say(x)}" }.join(", ")

      # The level it departs from is dashed, and each place says by how much.
      def line(list, level, figure)
        pen.line([@frame.x(0) - 20, level], [@frame.x(width) + 20, level], "hidden")
        pen.polyline(list.map { |x, rise| [@frame.x(x), y(rise, level)] }, "cut")
        list.each { |x, rise| pen.text([@frame.x(x), y(rise, level) + figure], say(rise), "figure") }
      end

      # Larger than life, and never over the other line.
      def y(rise, level) = level - (rise * factor * @frame.scale).to_f.clamp(-RISE, RISE)

      # What stands behind is told for itself, between the two lines, to its own width.
      def bays
        @plan.survey.bays.each_with_index do |(from, to), place|
          left, right = @frame.x(from), @frame.x(to)
          pen.rect([left + 1, (HEAD + FLOOR) / 2 - 10], [right - left - 2, 20], "bay")
          pen.text([(left + right) / 2, (HEAD + FLOOR) / 2 + 5], "bay #{place + 1}", "bay-word")
        end
      end
    end
  end
end
