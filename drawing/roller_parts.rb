# frozen_string_literal: true

module YellowTrack
  module Drawing
    # A roller let into a panel's foot, cut across, the old beside the new: where its
    # wheel, its body and both offsets are measured.
    # Old beside new, so that what has to agree is seen at once: the wheel, how high it holds the panel, and where its
    # screws go.
    class RollerParts < Picture
      WIDTH = 420
      HEIGHT = 170
      WHEEL = {old: 40, new: 48}.freeze # screen units, where nothing is measured

      # @param old [Hash{String => Rational}] mm
      # @param new [Hash{String => Rational}]
      # @param printer [Length::Printer]
      def initialize(old, new, printer)
        super(printer)
        @parts = {old:, new:}
      end

      # What stands in the window's own line.
      def title = "The roller, old and new"

      # What it is called in the page; one of each stands there.
      def id = "roller"

      # Draws it with its pen.
      def paint
        @dimension = Dimension.new(pen)
        {old: 105, new: 315}.each { |which, middle| part(which, middle) }
      end

      private

      # A wheel in its fork, as large as it was measured.
      def part(which, middle)
        pen.text([middle, 16], which.to_s, "quiet")
        pen.rect([middle - 60, 84], [24, 52], "face")
        pen.rect([middle + 36, 84], [24, 52], "face")
        pen.rect([middle - 36, 84], [72, 52], "strip")
        size = WHEEL.fetch(which)
        pen.rect([middle - 5, 136 - size / 2], [10, size], "runs")
        pen.line([middle - 80, 136 + size / 2], [middle + 80, 136 + size / 2], "cut")
        places(which, middle, size)
      end

      # Where its screws go, over the wheel.
      def places(which, middle, size)
        @dimension.across(middle - 36, middle - 5, 62, figure: told(which, "room", "room"), feet: 84)
        @dimension.across(middle + 5, middle + 36, 40, figure: told(which, "closet", "closet"), feet: 84)
        @dimension.upright(136 - size / 2, 136 + size / 2, middle + 82, figure: told(which, "wheel", "wheel"),
          feet: middle + 6)
      end

      # A measure where there is one, else its name: what is still to be measured.
      def told(which, key, name) = (mm = @parts.fetch(which)[key]) ? say(mm) : name

      def description
        told = @parts.map do |which, part|
          "#{which}: #{part["wheel"] ? "wheel #{say(part["wheel"])}" : "not measured"}"
        end
        "#{told.join("; ")}."
      end
    end
  end
end
