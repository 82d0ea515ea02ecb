# frozen_string_literal: true

module YellowTrack
  module Drawing
    # The gap under the panels along the opening, its height larger than life.
    class FloorStrip
      HEAD = 22
      DEEP = 46 # screen units for the most gap
      FACTORS = [20, 15, 10, 8, 5, 4, 3, 2, 1].freeze

      # @return [Numeric] where the panels' underside is drawn, screen units
      attr_reader :top

      # @param plan [Plan]
      # @param printer [Length::Printer]
      # @param spread [Spread]
      # @param top [Numeric] where it begins, screen units
      def initialize(plan, printer, spread, top:)
        @printer, @spread, @top = printer, spread, top + HEAD
        # Place and gap at every station and both jambs.
        @gaps = plan.survey.floor.places(*plan.sizing.jambs).map { |mm| [mm, plan.set.floor_gap.at(mm)] }
      end

      # How many times larger than life the gap is drawn.
      def factor
        most = gaps.map(&:last).max.to_f
        FACTORS.find { |factor| most * factor * @spread.scale <= DEEP } || 1
      end

      # Where it ends below.
      def bottom = top + DEEP + 8

      # Draws it with a pen that draws more beside it.
      def draw_on(pen)
        @pen = pen
        ground
        pen.place("gap", "set.gap") do
          pen.line([left, top], [right, top], "cut")
          figures
        end
      end

      # Its numbers, in words.
      #
      # @return [String]
      def words
        "Gap under the panels: #{gaps.map { |mm, gap| "#{@printer.text(gap)} at #{@printer.text(mm)}" }.join(", ")}. " \
          "Drawn #{factor} times larger than life."
      end

      private

      attr_reader :pen, :gaps

      # Along the floor on the same measure as the front above it.
      def x(mm) = @spread.x(mm)

      # Down from the panels' line: a gap under nothing is drawn as none.
      def y(gap) = top + [gap.to_f, 0].max * factor * @spread.scale

      # From jamb to jamb, screen units.
      def left = x(gaps.first.first)

      # Where the right jamb stands.
      def right = x(gaps.last.first)

      # The floor as it was read, larger than life.
      def ground
        profile = gaps.map { |mm, gap| [x(mm), y(gap)] }
        pen.polygon([*profile, [right, top + DEEP + 6], [left, top + DEEP + 6]], "wall")
        pen.polyline(profile, "seen")
      end

      # The gap at each station, and where it is least.
      def figures
        gaps.each_with_index do |(mm, gap), place|
          next if place.positive? && place < gaps.length - 1 && crowded?(place)

          pen.line([x(mm), top], [x(mm), y(gap)], "dimension")
          pen.text([x(mm), top - 7], @printer.text(gap), "figure", anchor: anchor(place))
        end
      end

      # At the ends words stand inwards, or they would leave the picture.
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
