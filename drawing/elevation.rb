# frozen_string_literal: true

module YellowTrack
  module Drawing
    # A bypass set from the room: opening, track, panels with their rollers
    # and guides, and the sizes a fitter cuts to.
    class Elevation
      WIDTH = 400
      HEIGHT = 560
      BOX = [34, 44, 306, 440].freeze # what the opening is fitted in
      WALL = 14 # how much of the wall is shown beside and above
      TRACK = 6
      ROLLER = 5

      # @param plan [Plan] of a bypass set
      # @param lefts [Array<Numeric>] left edge of each panel as shown, mm
      # @param printer [Length::Printer]
      def initialize(plan, lefts, printer)
        @plan = plan
        @set = plan.set
        @lefts = lefts
        @printer = printer
        @frame = Frame.new(width, head, BOX, align: :top)
      end

      # @return [String] SVG
      def to_s
        @svg = SVG.new(WIDTH, HEIGHT, title: "Front, from the room", description:, name: "front")
        wall
        @set.panels.zip(@lefts).sort_by { |panel, _| -panel.lane }.each { |panel, left| panel(panel, left) }
        track
        @set.panels.zip(@lefts).each { |panel, left| hangers(panel, left) }
        guides
        sizes
        @svg.to_s
      end

      private

      def width = [@plan.figures.greatest_width, @set.run_end].max

      def head = @plan.figures.head_high

      def track_face = @set.track.mount_height

      def panel_foot = @plan.figures.finished_floor + @set.support.gap

      def figure(mm) = @printer.text(mm)

      def description
        panels = @set.panels.map { |panel| "#{panel.name} in lane #{panel.lane}" }.join(", ")
        "#{@set.panels.length} panels, #{panels}, each #{figure(@set.width)} wide and #{figure(@set.height)} high, " \
          "in an opening of #{figure(@plan.sizing.before_packing)}. Lap #{figure(@set.lap)}. " \
          "Track #{figure(@set.track.length)}."
      end

      def wall
        left, top = @frame.at(0, head)
        right, foot = @frame.at(width, 0)
        @svg.polygon([[left - WALL, foot], [left - WALL, top - WALL], [right + WALL, top - WALL], [right + WALL, foot],
          [right, foot], [right, top], [left, top], [left, foot]], "wall")
        @svg.line([left - WALL * 2, foot], [right + WALL * 2, foot], "cut")
        covering(left, right)
      end

      def covering(left, right)
        return unless @plan.figures.covering.positive?

        y = @frame.y(@plan.figures.finished_floor)
        @svg.line([left, y], [right, y], "hidden")
      end

      def panel(panel, left)
        corner = @frame.at(left, panel_foot + panel.height)
        size = [@frame.length(panel.width), @frame.length(panel.height)]
        @svg.group("panel lane-#{panel.lane}", "data-panel": panel.name) do
          @svg.rect(corner, size, "face")
          middle = corner[0] + size[0] / 2
          @svg.text([middle, corner[1] + size[1] * 0.36], panel.name, "letter")
          @svg.text([middle, corner[1] + size[1] * 0.36 + 22], "lane #{panel.lane}", "quiet")
        end
      end

      def hangers(panel, left)
        top = @frame.y(panel_foot + panel.height)
        panel.rollers.each do |roller|
          x = @frame.x(left + roller)
          @svg.line([x, track_y], [x, top + 10], "seen")
          @svg.circle([x, track_y + TRACK / 2], ROLLER, "runs")
        end
      end

      def track_y = @frame.y(track_face)

      def track
        left = @frame.x(@plan.sizing.start)
        @svg.rect([left, track_y], [@frame.length(@set.track.length), TRACK], "runs track")
      end

      def guides
        @set.laps.each do |lap|
          x, y = @frame.at(lap.guide_at, @plan.figures.finished_floor)
          @svg.rect([x - 4, y - 6], [8, 7], "runs")
        end
      end

      def sizes
        dimension = Dimension.new(@svg)
        ends = @plan.sizing.jambs.map { |x| @frame.x(x) }
        dimension.across(*ends, @frame.y(head) - WALL - 10, figure(@plan.sizing.width), feet: @frame.y(head) - WALL)
        top, foot = [panel_foot + @set.height, panel_foot].map { |y| @frame.y(y) }
        dimension.upright(top, foot, ends[1] + WALL + 26, figure(@set.height), feet: ends[1] + WALL)
        widths(dimension)
      end

      # Each panel's width under it; neighbours on two lines, since they lap.
      def widths(dimension)
        feet = @frame.y(0) + 4
        @set.panels.zip(@lefts).each_with_index do |(panel, left), place|
          from, to = @frame.x(left), @frame.x(left + panel.width)
          dimension.across(from, to, feet + 26 + 26 * (place % 2), figure(panel.width), feet:)
        end
      end
    end
  end
end
