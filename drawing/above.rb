# frozen_string_literal: true

module YellowTrack
  module Drawing
    # A set seen from above: where its panels stand, what is clear between the
    # jambs, and which bays behind come clear. Each manner draws its panels.
    class Above < Picture
      WIDTH = 330
      MARGIN = 14
      BAYS = 14
      TOP = 30

      class << self
        # @param plan [Plan]
        # @param moves [Moves] where its panels stand
        # @param printer [Length::Printer]
        def of(plan, moves, printer) = const_get(plan.set.manner.motion).new(plan, moves, printer)
      end

      def initialize(plan, moves, printer)
        @plan = plan
        @set = plan.set
        @moves = moves
        @printer = printer
        @from, @to = span
        @frame = Frame.new(@to - @from, 1, [MARGIN, 0, WIDTH - 2 * MARGIN, 1])
      end

      # Millimetres a screen unit, for a finger that drags.
      def millimetres = 1 / @frame.scale

      def size = [WIDTH, foot + 44]

      def id = "above"

      def paint
        bays
        draw
        clear
      end

      # What is clear, in words.
      #
      # @return [String]
      def description
        open = windows.map { |from, to| @printer.with_unit(to - from) }
        says = open.empty? ? "Nothing is clear." : "Clear #{open.join(" and ")}."
        "#{says} #{bay_words}".strip
      end

      private

      # What is shown of the floor's length, mm.
      def span = @plan.sizing.jambs

      def jambs = @plan.sizing.jambs

      def windows = @windows ||= @moves.windows

      # A panel that slides, from above: its edge, the middle of its thickness down
      # the picture, and how thick it is drawn.
      def sliding(panel, edge, middle, thick, css)
        @pen.group(css, "data-panel": panel.name) do
          @pen.rect([x(edge), middle - thick / 2], [@frame.length(panel.width), thick], "face")
          panel.rollers.each { |roller| @pen.circle([x(edge + roller), middle], 4, "runs") }
          @pen.text([x(edge + panel.width / 2), middle + 5], panel.name, "plan-letter")
        end
      end

      def bay_words
        return "" if @set.bays.empty?

        seen, shut = @set.bays.each_with_index.partition { |bay, _| clear?(bay) }
        [["clear", seen], ["shut", shut]].filter_map do |word, list|
          list.any? && "#{(list.length == 1) ? "Bay" : "Bays"} #{list.map { |_, place| place + 1 }.join(", ")} #{word}."
        end.join(" ")
      end

      def clear?(bay)
        from, to = [bay.from, @moves.limits[0]].max, [bay.to, @moves.limits[1]].min
        windows.any? { |left, right| left <= from && to <= right }
      end

      def x(mm) = @frame.x(mm - @from)

      # Where the drawing ends below, screen units.
      def foot = raise(NotImplementedError, "#{self.class} knows how deep it is")

      def jamb(mm, side, from, to) = @pen.rect([x(mm) - ((side < 0) ? 10 : 0), from], [10, to - from], "wall")

      def bays
        @pen.text([WIDTH / 2.0, 14], @set.bays.any? ? "behind: the bays" : "behind", "quiet")
        @set.bays.each_with_index do |bay, place|
          left = x([bay.from, jambs[0]].max)
          right = x([bay.to, jambs[1]].min)
          @pen.rect([left + 1, TOP], [right - left - 2, BAYS], clear?(bay) ? "bay clear" : "bay")
          @pen.text([(left + right) / 2, TOP + BAYS - 3], "#{place + 1} #{clear?(bay) ? "clear" : "shut"}", "bay-word")
        end
      end

      def clear
        dimension = Dimension.new(@pen)
        windows.each do |from, to|
          dimension.across(x(from), x(to), foot + 26, @printer.text(to - from), feet: foot + 2)
        end
      end
    end
  end
end
