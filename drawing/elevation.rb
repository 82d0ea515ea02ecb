# frozen_string_literal: true

module YellowTrack
  module Drawing
    # A set from the room: opening, panels, what they run or turn on, and the
    # sizes a fitter cuts to. Each manner of hanging draws what it runs on.
    class Elevation
      include Hatched

      # A front is as high as a window leaves room for: of a door of 2400 the middle says nothing that its ends do
      # not.
      MOST = 252 # screen units of height; a taller one is broken in the middle
      TORN = 12 # screen units between both parts of it
      WALL = 14 # how much of the wall is shown beside and above
      TRACK = 6
      ROLLER = 5
      UNDER = 56 # below the floor, for the panels' widths

      class << self
        # The elevation in the set's own manner.
        #
        # @param plan [Plan]
        # @param moves [Moves] where its panels stand
        # @param printer [Length::Printer]
        # @param spread [Spread]
        # @param top [Numeric] where it begins, screen units
        # @param most [Numeric] screen units of height, over which it is broken in the middle
        def of(plan, moves, printer, spread:, top:, most: MOST)
          drawn(plan).new(plan, moves, printer, spread:, top:, most:)
        end

        # What it has to show of the floor's length, mm.
        def span(plan) = drawn(plan).shown(plan)

        # The class that draws a plan in its own manner.
        def drawn(plan) = kinds.fetch(plan.set.manner.key)

        # @return [Hash{String => Class}] by the manner's key
        def kinds
          @kinds ||= {"top-hung" => TopHung, "bottom-rolling" => BottomRolling, "wall-hung" => WallHung,
                      "bifold" => Folding, "pocket" => InTheWall}.freeze
        end

        # What of its plan stands along the floor, mm from the left jamb's foot.
        def shown(plan) = [0, [plan.figures.greatest_width, plan.sizing.jambs.last].max]
      end

      # @param top [Numeric] where it begins, screen units
      def initialize(plan, moves, printer, spread:, top:, most: MOST)
        @most = most
        @plan, @set, @moves, @printer, @spread = plan, plan.set, moves, printer, spread
        @above = top + WALL
        @from, @to = spread.from, spread.to
        @tall = [spread.length(self.top), most].min
      end

      # Where the opening's head and its floor are, and where the drawing ends, screen
      # units.
      def head = y(@plan.figures.head_high)

      # Where the floor is, screen units from the top.
      def floor = y(0)

      # What the panels hang from, screen units.
      def hung_from = head

      # Where it ends, screen units from the top.
      def bottom = floor + UNDER

      # Where the panels end, screen units from the top.
      def foot_of_panels = y(foot)

      # Draws it with a pen that draws more beside it.
      def draw_on(pen)
        @pen = pen
        wall
        hatch
        draw
        torn if torn?
        sizes
      end

      # Its numbers, in words.
      #
      # @return [String]
      def words
        names = @set.panels.map(&:name).join(", ")
        "#{(@set.panels.length == 1) ? "One panel" : "#{@set.panels.length} panels"}, #{names}, " \
          "#{figure(@set.width)} wide and " \
          "#{figure(@set.height)} high, in an opening of #{figure(@plan.sizing.before_packing)}. Track " \
            "#{figure(@set.track.length)}."
      end

      private

      attr_reader :pen

      # What is shown above the datum, mm.
      def top = @plan.figures.head_high

      # Each manner has its own panels, and its own rails at its own heights.
      def draw = raise(NotImplementedError, "#{self.class} draws its panels and what they run on")

      # Millimetres along the floor on the page, on the same measure as the plan and the lanes below it.
      def x(mm) = @spread.x(mm)

      # True to scale; where it is too tall the middle is left out.
      def y(mm)
        full = @spread.length(top)
        return @above + @tall - @spread.length(mm) unless torn?

        part = (@tall - TORN) / 2.0
        up, down = @spread.length(mm), full - @spread.length(mm)
        return @above + @tall - up if up <= part
        return @above + down if down <= part

        @above + part + TORN * (down - part) / (full - 2 * part)
      end

      # Whether it is taller than there is room for.
      def torn? = @spread.length(top) > @most

      # Across the whole front, between two rough lines.
      def torn
        part = (@tall - TORN) / 2.0
        edge = [x(@from) - 2 * WALL, x(@to) + 2 * WALL]
        lines = [@above + part, @above + part + TORN].map { |height| rough(edge, height) }
        pen.polygon(lines[0] + lines[1].reverse, "torn")
        lines.each { |points| pen.polyline(points, "dimension") }
      end

      # The line along which it is broken: told from any edge of a door at once.
      def rough((from, to), height)
        steps = ((to - from) / 24).ceil
        (0..steps).map { |step| [from + (to - from) * step / steps.to_f, height + (step.odd? ? 3 : -1)] }
      end

      # Where the panels end over the datum: the finished floor and the gap under them.
      def foot = @plan.figures.finished_floor + @set.gap

      # Where the panels stand now, as somebody slid them.
      def lefts = @moves.lefts

      # A length as the drawing tells it.
      def figure(mm) = @printer.text(mm)

      # Wall at both sides and over the head, so that the opening is seen as one.
      def wall
        left, right = x(opening_left), x(opening_right)
        edge = [x(@from) - WALL, x(@to) + WALL]
        pen.polygon([[edge[0], floor], [edge[0], above], [edge[1], above], [edge[1], floor], [right, floor],
          [right, head],
          [left, head], [left, floor]], "wall")
        pen.line([edge[0] - WALL, floor], [edge[1] + WALL, floor], "cut")
        covering(left, right)
      end

      # Inside an opening it begins at the left jamb; on a wall or in one the wall goes on.
      def opening_left = 0

      # The farthest that anything is clear: a set that covers goes by the greatest width, another by its jamb.
      def opening_right = [@plan.figures.greatest_width, @plan.sizing.jambs.last].max

      # Without the wall's own strip.
      def above = @above - WALL

      # What is still to be laid is drawn where it will lie: the panels are sized over it.
      def covering(left, right)
        return unless @plan.figures.covering.positive?

        level = y(@plan.figures.finished_floor)
        pen.line([left, level], [right, level], "hidden")
      end

      # A panel's face from one x to another.
      def face(panel, from, to, css: "folds")
        corner = [x(from), y(foot + panel.height)]
        pen.group("panel #{css}", "data-panel": panel.name) do
          pen.rect(corner, [x(to) - x(from), y(foot) - corner[1]], "face")
          name(panel, (x(from) + x(to)) / 2, named_at(corner[1]))
        end
      end

      # Where a panel's letter stands under its top: clear of what is left out.
      def named_at(top)
        torn? ? (top + @above + (@tall - TORN) / 2.0) / 2 : top + (y(foot) - top) * 0.34
      end

      # A panel's letter, as it stands in every number and on every label.
      def name(panel, middle, height)
        pen.text([middle, height], panel.name, "letter")
        pen.text([middle, height + 22], "lane #{panel.lane}", "quiet") if panel.lane &&
          @set.panels.any? { |other| other.lane != panel.lane }
      end

      # The panels, those farthest from the room first.
      def faces
        @set.panels.zip(lefts).sort_by { |panel, _| -(panel.lane || 1) }
          .each { |panel, left| face(panel, left, left + panel.width, css: "slides lane-#{panel.lane}") }
      end

      # A track with its fixing holes, its left end at x and its face at a
      # height, mm.
      def rail(start, height)
        pen.place("track.length", "track.mount_height", "wall.rail_line", "wall.rail_start") do
          pen.rect([x(start), y(height)], [@spread.length(@set.track.length), TRACK], "runs track")
        end
        @set.track.holes.each { |hole| pen.circle([x(start + hole), y(height) + TRACK / 2], 1, "dot") }
        @set.track.joints.each do |joint|
          pen.line([x(start + joint), y(height) - 3], [x(start + joint), y(height) + TRACK + 3], "cut")
        end
      end

      # Hangers from a track whose face is at a height, mm.
      def hangers(height)
        pen.place("panels.rollers", "panels.spacing") do
          @set.panels.zip(lefts).each do |panel, left|
            panel.rollers.each { |roller| hanger(x(left + roller), y(height), y(foot + panel.height) + 10) }
          end
        end
      end

      # A strap from the track down to the panel's top.
      def hanger(place, from, to)
        pen.line([place, from], [place, to], "seen")
        pen.circle([place, from + TRACK / 2], ROLLER, "runs")
      end

      # Each guide on the floor, at the place where the ledger has it.
      def guides(places)
        pen.place(*@set.laps.map { |lap| "laps.#{lap.between.join}.guide_at" }, "guides.floor_width") do
          places.each { |place| pen.rect([x(place) - 4, y(@plan.figures.finished_floor) - 6], [8, 7], "runs") }
        end
      end

      # Height beside the panels, gap under them and widths below, each clear of the next.
      def sizes
        @dimension = Dimension.new(pen)
        ends = @plan.sizing.jambs.map { |jamb| x(jamb) }
        pen.place("sizing.width", "run") do
          @dimension.across(*ends, above - 8, figure: figure(@plan.sizing.width), feet: above)
        end
        side = x(@to) + WALL
        pen.place("panels.height", "sizing.height") do
          @dimension.upright(y(foot + @set.height), y(foot), side + 24, figure: figure(@set.height), feet: side)
        end
        pen.place("panels.width") { widths }
      end

      # Each panel's width under it; neighbours on two lines, since they lap.
      def widths
        feet = floor + 4
        @set.panels.zip(lefts).each_with_index do |(panel, left), place|
          @dimension.across(x(left), x(left + panel.width), feet + 18 + 22 * (place % 2), figure: figure(panel.width),
            feet:)
        end
      end
    end
  end
end
