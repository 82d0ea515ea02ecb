# frozen_string_literal: true

module YellowTrack
  module Drawing
    # A roller let into a panel's foot, cut across, the old beside the new: where its
    # wheel, its body and both offsets are measured.
    class RollerParts < Picture
      WIDTH = 420
      HEIGHT = 190
      WHEEL = {old: 22, new: 26}.freeze # screen units, where nothing is measured

      # @param old [Hash{String => Rational}] mm
      # @param new [Hash{String => Rational}]
      # @param printer [Length::Printer]
      def initialize(old, new, printer)
        @parts, @printer = {old:, new:}, printer
      end

      def title = "The roller, old and new"

      def id = "roller"

      def paint
        @dimension = Dimension.new(@pen)
        {old: 105, new: 315}.each { |which, middle| part(which, middle) }
      end

      private

      def part(which, middle)
        @pen.text([middle, 16], which.to_s, "quiet")
        @pen.rect([middle - 46, 30], [92, 96], "face")
        @pen.rect([middle - 30, 74], [60, 52], "strip")
        size = WHEEL.fetch(which)
        @pen.rect([middle - 5, 126 - size / 2], [10, size + 16], "runs")
        @pen.line([middle - 80, 142 + size / 2 - 8], [middle + 80, 142 + size / 2 - 8], "cut")
        places(which, middle, size)
      end

      def places(which, middle, size)
        @dimension.across(middle - 30, middle - 5, 66, told(which, "room", "room"), feet: 74)
        @dimension.across(middle + 5, middle + 30, 52, told(which, "closet", "closet"), feet: 74)
        @dimension.upright(126 - size / 2, 142 + size / 2, middle + 66, told(which, "wheel", "wheel"), feet: middle + 6)
      end

      def told(which, key, name) = (mm = @parts.fetch(which)[key]) ? @printer.short(mm) : name

      def description
        told = @parts.map do |which, part|
          "#{which}: #{part["wheel"] ? "wheel #{@printer.short(part["wheel"])}" : "not measured"}"
        end
        "#{told.join("; ")}."
      end
    end
  end
end
