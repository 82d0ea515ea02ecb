# frozen_string_literal: true

module YellowTrack
  module Drawing
    # Both jambs with the packing that tapers to where the set hangs plumb, larger than life; from the room.
    # A jamb that leans by 12 over its height gets packing of 0 at one end and 12 at the other: drawn so thick that
    # the taper is seen.
    class PackedJambs < Picture
      WIDTH = 330
      HEIGHT = 130
      WALL = 34 # screen units of wall at either side
      THICK = 26.0 # screen units that the thickest end takes
      TOP, BOTTOM = 12, 118

      # @param packing [Hash{Symbol => Hash{Symbol => Rational}}] left and right, at the top and at the bottom, mm
      # @param printer [Length::Printer]
      def initialize(packing, printer)
        super(printer)
        @packing = packing
        @scale = THICK / [packing.values.flat_map(&:values).max.to_f, 1].max
      end

      # What stands in the window's own line.
      def title = "Both jambs, packed"

      # What it is called in the page; one of each stands there.
      def id = "packed-jambs"

      # Draws it with its pen.
      def paint
        {left: [WALL, 1], right: [WIDTH - WALL, -1]}.each { |side, (face, way)| jamb(side, face, way) }
      end

      private

      # Wall, and over it the wedge from its thickness at the top to that at the bottom.
      def jamb(side, face, way)
        pen.rect([[face, face - way * WALL].min, TOP], [WALL, BOTTOM - TOP], "wall")
        top, bottom = @packing[side].values_at(:top, :bottom)
        ends = [[top, TOP], [bottom, BOTTOM]].map { |thick, y| [face + way * thick.to_f * @scale, y] }
        pen.polygon([[face, TOP], *ends, [face, BOTTOM]], "strip")
        [[top, TOP + 14], [bottom, BOTTOM - 4]].each do |thick, y|
          pen.text([face + way * (THICK + 10), y], printer.text(thick), "figure",
            anchor: way.positive? ? "start" : "end")
        end
      end

      def description
        @packing.map { |side, at|
          "#{side.capitalize}: #{printer.text(at[:top])} at the top, #{printer.text(at[:bottom])} at the bottom."
        }.join(" ")
      end
    end
  end
end
