# frozen_string_literal: true

module YellowTrack
  module Drawing
    # The gap under the panels along the opening, its height larger than life.
    class FloorStrip < Picture
      WIDTH = 330
      MARGIN = 14
      TOP = 26
      DEEP = 46 # screen units for the most gap
      FACTORS = [20, 15, 10, 8, 5, 4, 3, 2, 1].freeze

      # @param plan [Plan] of a bypass set
      # @param printer [Length::Printer]
      def initialize(plan, printer)
        @plan = plan
        @set = plan.set
        @printer = printer
        @from, @to = plan.sizing.jambs
        @frame = Frame.new(@to - @from, 1, [MARGIN, 0, WIDTH - 2 * MARGIN, 1])
      end

      # How many times larger than life the gap is drawn.
      def factor
        most = gaps.map(&:last).max.to_f
        FACTORS.find { |factor| most * factor * @frame.scale <= DEEP } || 1
      end

      def size = [WIDTH, TOP + DEEP + 24]

      def title = "Floor gap along the travel"

      def id = "strip"

      def paint
        ground
        @pen.line([x(@from), TOP], [x(@to), TOP], "cut")
        figures
      end

      private

      def x(mm) = @frame.x(mm - @from)

      def y(gap) = TOP + [gap.to_f, 0].max * factor * @frame.scale

      # Place and gap at every station and both jambs.
      def gaps = @gaps ||= @plan.survey.floor.places(@from, @to).map { |mm| [mm, @set.floor_gap.at(mm)] }

      def description
        "Gap under the panels: #{gaps.map { |mm, gap| "#{@printer.text(gap)} at #{@printer.text(mm)}" }.join(", ")}. " \
          "Drawn #{factor} times larger than life."
      end

      def ground
        profile = gaps.map { |mm, gap| [x(mm), y(gap)] }
        @pen.polygon([*profile, [x(@to), TOP + DEEP + 6], [x(@from), TOP + DEEP + 6]], "wall")
        @pen.polyline(profile, "seen")
      end

      def figures
        gaps.each_with_index do |(mm, gap), place|
          next if place.positive? && place < gaps.length - 1 && crowded?(place)

          @pen.line([x(mm), TOP], [x(mm), y(gap)], "dimension")
          @pen.text([x(mm), TOP - 7], @printer.text(gap), "figure", anchor: anchor(place))
        end
      end

      def anchor(place)
        return "start" if place.zero?

        (place == gaps.length - 1) ? "end" : "middle"
      end

      # A figure needs this much room to either side.
      def crowded?(place)
        [place - 1, place + 1].any? { |other| (x(gaps[other].first) - x(gaps[place].first)).abs < 44 }
      end
    end
  end
end
