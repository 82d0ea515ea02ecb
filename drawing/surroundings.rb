# frozen_string_literal: true

module YellowTrack
  module Drawing
    # The opening in its wall, from the room and under it from above, with the facts
    # around it: what is read is drawn with its figure, what is not read yet dashed
    # with a question mark (handbook 3, "Facts first").
    # A fitter who stands before the wall sees from it what is still to be read: what is dashed. Nothing is to scale
    # but the opening's width, and what stands along it.
    class Surroundings < Picture
      WIDTH = 400
      HEIGHT = 470
      OPENING = [130, 84, 140, 176].freeze # left, top, width, height, screen units
      FLOOR = OPENING[1] + OPENING[3]
      EDGE = 16
      PLAN = 330 # the wall's front from above
      THICK = 34
      FREE = 1100 # mm that are drawn to the picture's edge where a wall goes on
      UNREAD = "?"
      # Facts that are told as missing where they were not read, and what else of the wall is drawn.
      FACTS = %w[above beside.left beside.right wall.projection head.of wall.thickness depth front wall.services
        wall.bears_load].freeze
      WALL = %w[wall.solid wall.studs head.joists].freeze

      # @param survey [Survey]
      # @param printer [Length::Printer]
      def initialize(survey, printer)
        super(printer)
        @survey = survey
        @wide = (@survey.widths.max || 1200r).to_f
      end

      # What stands in the window's own line.
      def title = "The opening in its wall, from the room and from above"

      # What it is called in the page; one of each stands there.
      def id = "around"

      # Whether something is still to be read, in words.
      def caption = open.empty? ? "All read" : "Dashed: not read yet (#{open.length})"

      # Draws it with its pen.
      def paint
        @dimension = Dimension.new(pen)
        front
        above
      end

      private

      def drawn_from = [@wide, *(FACTS + WALL).map { |key| @survey[key] }]

      # Facts that are not read.
      def open = @open ||= FACTS.select { |key| @survey[key].nil? } + (studs? ? [] : ["wall.studs"])

      # A solid wall has none, and that is a reading too.
      def studs? = @survey["wall.solid"] == true || (@survey["wall.studs"] || []).any?

      # The opening's two sides on the picture; everything along the wall is measured from the left one.
      def left = OPENING[0]

      # Where the opening ends at the right, screen units.
      def right = OPENING[0] + OPENING[2]

      # Along the wall all is to scale, by the opening's width.
      def scale = OPENING[2] / @wide

      def x(mm) = left + mm.to_f * scale

      # A figure in the fitter's unit, or the question mark that asks for it.
      def say(key) = @survey[key].then { |length| length.is_a?(Rational) ? printer.short(length) : UNREAD }

      # What is not read looks like a tape that is still to be held.
      def css(key) = open.include?(key) ? "tape unread" : "seen"

      # From the wall's face inwards: the opening is cut out of it, and facts lie over both.
      def front
        pen.rect([EDGE, 30], [WIDTH - 2 * EDGE, FLOOR - 30], "wall")
        pen.rect([left, OPENING[1]], [OPENING[2], OPENING[3]], "face")
        pen.line([4, FLOOR], [WIDTH - 4, FLOOR], "cut")
        studs
        head
        ceiling
        skirting
        beside("left", EDGE, left)
        beside("right", right, WIDTH - EDGE)
        inside
      end

      # How far the wall is free, on a line beside the opening.
      def beside(side, from, to)
        key, y = "beside.#{side}", OPENING[1] + OPENING[3] * 0.62
        measured(key, [from, y], [to, y], at: [(from + to) / 2.0, y - 6])
      end

      # The line is the ceiling, where the wall above is read; its figure hangs from it.
      def ceiling
        pen.line([EDGE, 30], [WIDTH - EDGE, 30], css("above"))
        middle = (left + right) / 2.0 + 40
        measured("above", [middle, 30], [middle, OPENING[1]], at: [middle + 16, 50])
      end

      # What the head is of, and the joists that were found over the opening.
      def head
        of = @survey["head.of"]
        pen.rect([left, OPENING[1] - 14], [OPENING[2], 14], of ? "strip" : "level-shape")
        pen.text([(left + right) / 2.0, OPENING[1] - 18], of || "head: #{UNREAD}", "quiet")
        (@survey["head.joists"] || []).select { |at| at.between?(0, @wide) }
          .each { |at| pen.circle([x(at), OPENING[1] - 7], 2.5, "dot") }
      end

      # As far as the picture goes: those that were found farther off stand in the plan alone.
      def studs
        return solid if @survey["wall.solid"] == true

        inside = (@survey["wall.studs"] || []).map { |at| x(at) }.select { |at| at.between?(EDGE, WIDTH - EDGE) }
        inside.each { |at| pen.line([at, 32], [at, OPENING[1] - 16], "hidden") }
        pen.text([EDGE + 6, 46], "studs: #{UNREAD}", "quiet", anchor: "start") unless studs?
      end

      # Where there are no studs to be found.
      def solid = pen.text([EDGE + 6, 46], "solid wall", "quiet", anchor: "start")

      # Skirting and casing, and how far they stand off.
      def skirting
        [[EDGE, left], [right, WIDTH - EDGE]].each do |from, to|
          pen.rect([from, FLOOR - 12], [to - from, 12], open.include?("wall.projection") ? "level-shape" : "strip")
        end
        pen.text([EDGE + 6, FLOOR - 18], "stands off #{say("wall.projection")}", "quiet", anchor: "start")
      end

      # What is in the wall, and whether it carries.
      def inside
        services = @survey["wall.services"]
        found = if services
          "in it: #{services.empty? ? "nothing" : services.length}"
        else
          "in the wall: #{UNREAD}"
        end
        load = {nil => "load: #{UNREAD}", true => "bears load", false => "no load"}.fetch(@survey["wall.bears_load"])
        pen.text([WIDTH - EDGE - 6, FLOOR - 36], found, "quiet", anchor: "end")
        pen.text([WIDTH - EDGE - 6, FLOOR - 18], load, "quiet", anchor: "end")
      end

      # The same wall from above, closet behind and room before it: what is thick and deep can be told there only.
      def above
        pen.text([EDGE, PLAN - 12], "closet", "quiet", anchor: "start")
        [[EDGE, left], [right, WIDTH - EDGE]].each { |from, to| pen.rect([from, PLAN], [to - from, THICK], "wall") }
        pen.text([EDGE, PLAN + THICK + 18], "room", "quiet", anchor: "start")
        measured("wall.thickness", [EDGE + 34, PLAN], [EDGE + 34, PLAN + THICK], at: [EDGE + 56, PLAN + 22])
        measured("depth", [left + 40, PLAN], [left + 40, PLAN + THICK], at: [left + 64, PLAN + 22])
        pen.line([left, PLAN + THICK], [right, PLAN + THICK], "hidden")
        floor
      end

      # Free floor before the opening.
      def floor
        bottom = HEIGHT - 22
        pen.line([left - 30, bottom], [right + 30, bottom], css("front"))
        middle = (left + right) / 2.0
        measured("front", [middle, PLAN + THICK], [middle, bottom], at: [middle + 20, (PLAN + THICK + bottom) / 2.0])
      end

      # A line from one end to the other with its figure.
      def measured(key, from, to, at:)
        pen.line(from, to, open.include?(key) ? "tape unread" : "dimension")
        [from, to].each { |end_x, end_y| pen.line([end_x - 4, end_y + 4], [end_x + 4, end_y - 4], "tick") }
        pen.text(at, say(key), "figure")
      end

      # In words, for whoever does not see it: what is read, then how much is still open.
      def description
        read = {"above" => "free wall above", "beside.left" => "at the left", "beside.right" => "at the right",
                "wall.projection" => "stands off", "wall.thickness" => "wall thick", "depth" => "depth",
                "front" => "free in front"}.except(*open)
        told = read.map { |key, name| "#{name} #{say(key)}" }
        "#{told.empty? ? "Nothing read yet" : told.join(", ")}. #{caption}."
      end
    end
  end
end
