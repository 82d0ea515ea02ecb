# frozen_string_literal: true

module YellowTrack
  module Drawing
    # A set as one drawing, as a joiner draws plan under elevation: the front, the
    # lanes from above and the gap under the panels stand under each other on one x
    # scale, thin lines tie a panel to its plan and its gap; head and foot are cut
    # across to a larger scale beside their place.
    class Whole < Picture
      WIDTH = 740
      MAIN = 528 # what the views under each other take of it
      LEFT = 34
      RIGHT = 46
      TOP = 36
      BESIDE = 544 # where what is cut across stands
      CAPTION = 18
      HIGH = 540 # screen units that all of it has; a front is broken for it
      FRONT_LEAST = 120

      # @param plan [Plan]
      # @param moves [Moves] where its panels stand
      # @param printer [Length::Printer] of what is derived
      # @param cut_printer [Length::Printer] of what is cut
      # @param live [Boolean] whether its panels can be taken hold of
      def initialize(plan, moves, printer, cut_printer:, live: false)
        @plan, @moves, @live = plan, moves, live
        spread = Spread.new([Elevation.span(plan), Above.span(plan), plan.sizing.jambs], LEFT, MAIN - LEFT - RIGHT)
        super(printer)
        @spread, @cut_printer = spread, cut_printer
        stack(Elevation::MOST)
        over = @strip.bottom - HIGH
        stack([Elevation::MOST - over, FRONT_LEAST].max) if over.positive?
        @across = Sections.of(plan, printer)
      end

      # Width and height, screen units.
      def size = [WIDTH, @strip.bottom + 4]

      # What stands in the window's own line.
      def title = "The set: front, from above, and the gap under it"

      # What it is called in the page; one of each stands there.
      def id = "set"

      # Millimetres a screen unit, for a finger that drags.
      def millimetres = 1 / @spread.scale

      # How many times larger than life the gap is drawn.
      def factor = @strip.factor

      # What is clear, in words.
      #
      # @return [String]
      def clear_words = @above.words

      # Its numbers in words, for who cannot see it.
      def description = [@front.words, @above.words, @strip.words].join(" ")

      # A drawing that is moved is a group of what can be held.
      def to_s(**rest) = super(**rest, role: @live ? "group" : "img")

      # Draws it with its pen.
      def paint
        pen.group("beside") { @across.on_beside(pen, BESIDE, @front.hung_from, floor: @front.floor) }
        ties
        @front.draw_on(pen)
        caption(@front.bottom + CAPTION - 6, @plan.set.manner.caption)
        @above.draw_on(pen)
        caption(@above.bottom + CAPTION - 6, "Floor gap × #{factor}")
        @strip.draw_on(pen)
        leads.draw_on(pen) if @live
      end

      private

      # Leaders go over all that is drawn before them.
      def leads
        Leads.new(@plan, @moves.lefts, printer, cut_printer: @cut_printer, front: @front, spread: @spread)
      end

      # The views under each other, the front no higher than that.
      def stack(most)
        @front = Elevation.of(@plan, @moves, @cut_printer, spread: @spread, top: TOP, most:)
        @above = Above.of(@plan, @moves, printer, spread: @spread, top: @front.bottom + CAPTION, live: @live)
        @strip = FloorStrip.new(@plan, printer, @spread, top: @above.bottom + CAPTION)
      end

      # What a part of the picture is, at its left.
      def caption(y, words) = pen.text([LEFT - 14, y], words, "quiet", anchor: "start")

      # From each panel's edges, as it stands, down to its plan and its gap.
      def ties
        ends = @moves.spans.flatten.uniq
        ends.each { |mm| pen.line([x(mm), @front.foot_of_panels], [x(mm), @above.top_of_plan], "tie") }
        @plan.sizing.jambs.each { |mm| pen.line([x(mm), @front.floor], [x(mm), @strip.top], "tie") }
      end

      def x(mm) = @spread.x(mm)
    end
  end
end
