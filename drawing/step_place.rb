# frozen_string_literal: true

module YellowTrack
  module Drawing
    # A small picture of where a step's place is: the opening from the room,
    # what is meant drawn strong, its numbers at it.
    # A small front beside a step: just what this step is about, with its numbers, so that nobody has to look for it
    # in the large one.
    class StepPlace < Picture
      WIDTH = 190
      HEIGHT = 136
      BOX = [16, 20, 158, 92].freeze
      APART = 46 # screen units, two figures beside each other

      # @param plan [Plan]
      # @param place ["line", "track", "hangers", "guides", "pivots", "rail",
      #   "handle", "pulls", "aligners"]
      # @param printer [Length::Printer]
      # @param name [String] what its parts' ids begin with
      def initialize(plan, place, printer, name:)
        super(printer)
        @plan, @place, @name = plan, place, name
        @frame = Frame.new(right, [plan.figures.head_high, mount].max, BOX)
      end

      # What stands in the window's own line.
      def title = "Where: #{@place}"

      # What it is called in the page; one of each stands there.
      def id = @name

      # Draws it with its pen.
      def paint
        pen.rect(@frame.at(0, @plan.figures.head_high),
          [@frame.length(right), @frame.length(@plan.figures.head_high)], "seen")
        set.panels.each do |panel|
          pen.rect(@frame.at(panel.x, foot + panel.height), [@frame.length(panel.width), @frame.length(panel.height)],
            "hidden")
        end
        public_send(@place)
      end

      # The line of the track.
      def line
        pen.line(@frame.at(0, mount), @frame.at(right, mount), "cut")
        pen.line(@frame.at(right / 2, 0), @frame.at(right / 2, mount), "dimension")
        figure(@frame.at(right / 2, mount / 2), mount)
      end

      # The track.
      def track
        pen.rect(@frame.at(0, mount), [@frame.length(set.track.length), 5], "runs")
        set.track.holes.each { |hole| pen.circle([@frame.x(hole), @frame.y(mount) + 2.5], 1.2, "dot") }
        figure([WIDTH / 2, @frame.y(mount) - 6], set.track.length)
      end

      # Hangers on a panel.
      def hangers
        panel = set.panels.first
        at = panel.rollers.map { |roller| @frame.at(panel.x + roller, foot + panel.height) }
        at.each { |place| pen.circle(place, 4, "runs") }
        figures(at.zip(panel.rollers), 20, 36)
      end

      # Guides on the floor.
      def guides = places(set.guides.places, 0)

      # Pivots on the floor.
      def pivots = places(set.pivots, 0)

      # On the lead panels, from their hinge edges.
      def handle
        set.lead_panels.each do |panel|
          x = set.hinged_at_right?(panel) ? panel.right - set.fitted.handle_at : panel.x + set.fitted.handle_at
          dot(@frame.at(x, @plan.figures.finished_floor + set.fitted.handle))
        end
        figure([WIDTH / 2, HEIGHT - 6], set.fitted.handle_at)
      end

      # On every panel, from its left edge.
      def pulls
        up = foot + set.pulls.up
        set.panels.each { |panel| set.pulls.on(panel).each { |at| dot(@frame.at(panel.x + at, up)) } }
        figure([WIDTH / 2, HEIGHT - 6], set.pulls.up)
      end

      # On the meeting stiles.
      def aligners
        meet = set.panels[1].right
        dot(@frame.at(meet, foot + aligner))
        figure([@frame.x(meet), @frame.y(foot + aligner) - 10], aligner)
      end

      # The rail on the floor.
      def rail
        pen.rect(@frame.at(0, 0), [@frame.length(right), 5], "runs")
        figure([WIDTH / 2, @frame.y(0) + 20], set.track.floor_rail || set.track.length)
      end

      private

      def set = @plan.set

      # Where the opening ends at the right, mm.
      def right = @plan.figures.greatest_width

      # One mark for whatever is screwed, hung or set.
      def dot(at) = pen.circle(at, 5, "runs")

      # The aligners that the set is fitted with; nil without any.
      def aligner = set.fitted.aligner

      # The track's line over the floor, mm.
      def mount = set.track.mount_height

      # Where the panels end, mm over the floor's datum.
      def foot = @plan.figures.finished_floor + set.gap

      # Points along the floor at one height, each with its figure.
      def places(list, height)
        at = list.map { |x| @frame.at(x, height) }
        at.each { |place| dot(place) }
        figures(at.zip(list), 20, -10)
      end

      # A figure at each place, every other one in a row of its own where they would touch.
      def figures(placed, row, other)
        near = placed.each_cons(2).any? { |(one, _), (next_one, _)| next_one[0] - one[0] < APART }
        placed.each_with_index do |((x, y), mm), place|
          figure([x, y + ((near && place.odd?) ? other : row)], mm)
        end
      end

      # A length at its point.
      def figure(at, mm) = pen.text(at, say(mm), "figure")

      # The numbers alone: what they are of stands in the step.
      def description = numbers.map { |mm| say(mm) }.join(", ")

      # What stands at the place.
      def numbers
        case @place
        when "line" then [mount]
        when "track" then [set.track.length]
        when "hangers" then set.panels.first.rollers
        when "guides" then set.guides.places
        when "pivots" then set.pivots
        when "handle" then [set.fitted.handle_at]
        when "pulls" then [set.pulls.up]
        when "aligners" then [aligner]
        else [set.track.floor_rail || set.track.length]
        end
      end
    end
  end
end
