# frozen_string_literal: true

module YellowTrack
  module Drawing
    # A set from the room: opening, panels, what they run or turn on, and the
    # sizes a fitter cuts to. Each manner of hanging draws what it runs on.
    class Elevation < Picture
      WIDTH = 400
      HEIGHT = 560
      BOX = [34, 44, 306, 440].freeze # what is shown is fitted in
      WALL = 14 # how much of the wall is shown beside and above
      TRACK = 6
      ROLLER = 5

      class << self
        # The elevation in the set's own manner.
        #
        # @param plan [Plan]
        # @param moves [Moves] where its panels stand
        # @param printer [Length::Printer]
        def of(plan, moves, printer) = const_get(plan.set.manner.drawn).new(plan, moves, printer)
      end

      def initialize(plan, moves, printer)
        @plan = plan
        @set = plan.set
        @moves = moves
        @printer = printer
        @from, @to = span
        @frame = Frame.new(@to - @from, top, BOX, align: :top)
      end

      def title = "Front, from the room"

      def id = "front"

      def paint
        wall
        draw
        sizes
      end

      private

      # What is shown of the floor's length, mm.
      def span = [0, [@plan.figures.greatest_width, @plan.sizing.jambs.last].max]

      # What is shown above the datum, mm.
      def top = @plan.figures.head_high

      def draw = raise(NotImplementedError, "#{self.class} draws its panels and what they run on")

      def x(mm) = @frame.x(mm - @from)

      def y(mm) = @frame.y(mm)

      def foot = @plan.figures.finished_floor + @set.gap

      def lefts = @moves.lefts

      def figure(mm) = @printer.text(mm)

      def description
        names = @set.panels.map(&:name).join(", ")
        "#{(@set.panels.length == 1) ? "One panel" : "#{@set.panels.length} panels"}, #{names}, " \
          "#{figure(@set.width)} wide and " \
          "#{figure(@set.height)} high, in an opening of #{figure(@plan.sizing.before_packing)}. Track " \
            "#{figure(@set.track.length)}."
      end

      def wall
        left, right = x(opening_left), x(opening_right)
        head, floor = y(@plan.figures.head_high), y(0)
        edge = [x(@from) - WALL, x(@to) + WALL]
        @pen.polygon([[edge[0], floor], [edge[0], above], [edge[1], above], [edge[1], floor], [right, floor],
          [right, head],
          [left, head], [left, floor]], "wall")
        @pen.line([edge[0] - WALL, floor], [edge[1] + WALL, floor], "cut")
        covering(left, right)
      end

      def opening_left = 0

      def opening_right = [@plan.figures.greatest_width, @plan.sizing.jambs.last].max

      def above = y(top) - WALL

      def covering(left, right)
        return unless @plan.figures.covering.positive?

        level = y(@plan.figures.finished_floor)
        @pen.line([left, level], [right, level], "hidden")
      end

      # A panel's face from one x to another.
      def face(panel, from, to, css = "")
        corner = [x(from), y(foot + panel.height)]
        @pen.group("panel #{css}", "data-panel": panel.name) do
          @pen.rect(corner, [x(to) - x(from), @frame.length(panel.height)], "face")
          name(panel, (x(from) + x(to)) / 2, corner[1] + @frame.length(panel.height) * 0.36)
        end
      end

      def name(panel, middle, height)
        @pen.text([middle, height], panel.name, "letter")
        @pen.text([middle, height + 22], "lane #{panel.lane}", "quiet") if panel.lane &&
          @set.panels.any? { |other| other.lane != panel.lane }
      end

      # The panels, those farthest from the room first.
      def faces
        @set.panels.zip(lefts).sort_by { |panel, _| -(panel.lane || 1) }
          .each { |panel, left| face(panel, left, left + panel.width, "lane-#{panel.lane}") }
      end

      # A track with its fixing holes, its left end at x and its face at a
      # height, mm.
      def rail(start, height)
        @pen.rect([x(start), y(height)], [@frame.length(@set.track.length), TRACK], "runs track")
        @set.track.holes.each { |hole| @pen.circle([x(start + hole), y(height) + TRACK / 2], 1, "dot") }
        @set.track.joints.each do |joint|
          @pen.line([x(start + joint), y(height) - 3], [x(start + joint), y(height) + TRACK + 3], "cut")
        end
      end

      # Hangers from a track whose face is at a height, mm.
      def hangers(height)
        @set.panels.zip(lefts).each do |panel, left|
          panel.rollers.each do |roller|
            place = x(left + roller)
            @pen.line([place, y(height)], [place, y(foot + panel.height) + 10], "seen")
            @pen.circle([place, y(height) + TRACK / 2], ROLLER, "runs")
          end
        end
      end

      def guides(places)
        places.each { |place| @pen.rect([x(place) - 4, y(@plan.figures.finished_floor) - 6], [8, 7], "runs") }
      end

      def sizes
        @dimension = Dimension.new(@pen)
        ends = @plan.sizing.jambs.map { |jamb| x(jamb) }
        @dimension.across(*ends, above - 10, figure(@plan.sizing.width), feet: above)
        side = x(@to) + WALL
        @dimension.upright(y(foot + @set.height), y(foot), side + 26, figure(@set.height), feet: side)
        widths
      end

      # Each panel's width under it; neighbours on two lines, since they lap.
      def widths
        feet = y(0) + 4
        @set.panels.zip(lefts).each_with_index do |(panel, left), place|
          @dimension.across(x(left), x(left + panel.width), feet + 26 + 26 * (place % 2), figure(panel.width), feet:)
        end
      end
    end
  end
end
