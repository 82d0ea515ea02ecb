# frozen_string_literal: true

module YellowTrack
  module Drawing
    # The lanes in plan, seen from above: where the panels stand, what is
    # clear between the jambs, and which bays behind come clear.
    class Lanes
      WIDTH = 330
      MARGIN = 14
      LANE = 26
      PANEL = 18
      BAYS = 14
      TOP = 30

      # @param plan [Plan] of a bypass set
      # @param lefts [Array<Numeric>] left edge of each panel as shown, mm
      # @param printer [Length::Printer]
      def initialize(plan, lefts, printer)
        @plan = plan
        @set = plan.set
        @lefts = lefts
        @printer = printer
        @frame = Frame.new(span[1] - span[0], 1, [MARGIN, 0, WIDTH - 2 * MARGIN, 1])
      end

      # Millimetres a screen unit, for a finger that drags.
      def millimetres = 1 / @frame.scale

      # @return [String] SVG
      def to_s
        @svg = SVG.new(WIDTH, height, title: "Lanes, from above", description:, name: "lanes")
        jambs
        bays
        lanes
        @set.panels.zip(@lefts).each { |panel, left| panel(panel, left) }
        clear
        @svg.to_s
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

      def windows = @windows ||= @set.clear_windows(@lefts)

      def bay_words
        return "" if @set.bays.empty?

        seen, shut = @set.bays.each_with_index.partition { |bay, _| clear?(bay) }
        [["clear", seen], ["shut", shut]].filter_map do |word, list|
          list.any? && "#{(list.length == 1) ? "Bay" : "Bays"} #{list.map { |_, place| place + 1 }.join(", ")} #{word}."
        end.join(" ")
      end

      def clear?(bay)
        from, to = [bay.from, span[0]].max, [bay.to, span[1]].min
        windows.any? { |left, right| left <= from && to <= right }
      end

      def span = @plan.sizing.jambs

      def x(mm) = @frame.x(mm - span[0])

      def count = @set.pattern.lanes.max

      def height = foot + 44

      def foot = TOP + BAYS + 8 + count * LANE

      # The lane nearest the room stands lowest.
      def lane_y(lane) = TOP + BAYS + 8 + (count - lane) * LANE + LANE / 2

      def jambs
        span.zip([-1, 1]).each do |mm, side|
          @svg.rect([x(mm) - ((side < 0) ? 10 : 0), TOP - 4], [10, foot - TOP + 8], "wall")
        end
        @svg.text([WIDTH / 2.0, 14], @set.bays.any? ? "behind: the bays" : "behind", "quiet")
      end

      def bays
        @set.bays.each_with_index do |bay, place|
          left = x([bay.from, span[0]].max)
          right = x([bay.to, span[1]].min)
          @svg.rect([left + 1, TOP], [right - left - 2, BAYS], clear?(bay) ? "bay clear" : "bay")
          @svg.text([(left + right) / 2, TOP + BAYS - 3], "#{place + 1} #{clear?(bay) ? "clear" : "shut"}", "bay-word")
        end
      end

      def lanes
        (1..count).each { |lane| @svg.rect([x(span[0]), lane_y(lane) - 1.5], [x(span[1]) - x(span[0]), 3], "runs") }
      end

      def panel(panel, left)
        y = lane_y(panel.lane)
        @svg.group("panel slides lane-#{panel.lane}", "data-panel": panel.name) do
          @svg.rect([x(left), y - PANEL / 2], [@frame.length(panel.width), PANEL], "face")
          panel.rollers.each { |roller| @svg.circle([x(left + roller), y], 4, "runs") }
          @svg.text([x(left + panel.width / 2), y + 5], panel.name, "plan-letter")
        end
      end

      def clear
        dimension = Dimension.new(@svg)
        windows.each { |from, to| dimension.across(x(from), x(to), foot + 26, @printer.text(to - from), feet: foot + 2) }
      end
    end
  end
end
