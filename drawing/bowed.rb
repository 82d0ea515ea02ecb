# frozen_string_literal: true

module YellowTrack
  module Drawing
    # A gap along a jamb that is wider in its middle than at its ends: its three readings,
    # larger than life.
    class Bowed < Picture
      WIDTH, HEIGHT = 420, 420
      JAMB, TOP, FOOT = 300, 40, 380
      TIMES = 9.0 # screen units a millimetre

      # @param gaps [Hash{String => Numeric}] top, middle and bottom, mm
      # @param printer [Length::Printer]
      def initialize(gaps, printer)
        super(printer)
        @gaps = gaps
      end

      # What stands in the window's own line.
      def title = "A gap and its bow"

      # What it is called in the page; one of each stands there.
      def id = "bowed"

      # Draws it with its pen.
      def paint
        pen.rect([JAMB, TOP - 20], [60, FOOT - TOP + 30], "wall")
        pen.polygon([[90, TOP], *edge, [90, FOOT]], "face")
        @gaps.each { |gap, mm| reading(gap, mm) }
      end

      private

      def description = @gaps.map { |gap, mm| "#{gap} #{printer.with_unit(mm)}" }.join(", ")

      # Near both ends and in the middle, where the gap is read.
      def heights = {"top" => TOP + 14, "middle" => (TOP + FOOT) / 2, "bottom" => FOOT - 14}

      # Along the panel's edge, through its three readings.
      def edge
        top, middle, bottom = @gaps.values_at("top", "middle", "bottom").map { |mm| JAMB - mm.to_f * TIMES }
        (0..16).map do |step|
          along = step / 16.0
          x = (1 - along) * top + along * bottom + 4 * along * (1 - along) * (middle - (top + bottom) / 2)
          [x, TOP + along * (FOOT - TOP)]
        end
      end

      # A feeler's place, and what it said.
      def reading(gap, mm)
        y = heights.fetch(gap)
        pen.line([JAMB - mm.to_f * TIMES, y], [JAMB, y], "dimension")
        pen.text([JAMB + 30, y + 5], say(mm), "figure")
      end
    end
  end
end
