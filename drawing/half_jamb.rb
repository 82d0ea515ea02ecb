# frozen_string_literal: true

module YellowTrack
  module Drawing
    # A half jamb from above, cut across at the pivot: the strip on the jamb,
    # the panel's edge behind it, the pivot, to one scale.
    class HalfJamb
      WIDTH = 330
      HEIGHT = 170
      SHOWN = 110 # mm of panel shown
      STRIP_DEEP = 18 # mm, the strip's other side
      SCALE = 1.6

      # @param plan [Plan] of a bifold set with a half jamb
      # @param printer [Length::Printer]
      def initialize(plan, printer)
        @set = plan.set
        @printer = printer
      end

      # @return [String] SVG, the closet above and the room below
      def to_s
        @svg = SVG.new(WIDTH, HEIGHT, title: "Half jamb from above", description:, name: "half-jamb")
        jamb
        panel
        measures
        @svg.to_s
      end

      private

      def description
        "Strip #{say(@set.half_jamb)} on the jamb. Side gap #{say(@set.gaps.side)}. Hides #{say(@set.hidden)} of the panel's edge. " \
          "Panel's face #{say(@set.setback)} behind the strip. Pivot #{say(@set.gaps.side + @set.pivot_inset)} from the jamb, track #{say(track_line)} behind the strip."
      end

      def say(mm) = @printer.short(mm)

      def track_line = @set.setback + @set.thickness / 2

      def x(mm) = 70 + mm.to_f * SCALE

      # Depth behind the strip's back; the room is below.
      def y(mm) = 100 - mm.to_f * SCALE

      def jamb
        @svg.rect([20, y(@set.setback + @set.thickness) - 14], [50, HEIGHT - y(@set.setback + @set.thickness)], "wall")
        @svg.rect([x(0), y(0)], [@set.half_jamb.to_f * SCALE, STRIP_DEEP * SCALE], "strip")
      end

      def panel
        @svg.rect([x(@set.gaps.side), y(@set.setback + @set.thickness)], [SHOWN * SCALE, @set.thickness.to_f * SCALE], "face")
        @svg.line([x(0), y(track_line)], [x(@set.gaps.side + SHOWN), y(track_line)], "hidden")
        @svg.circle([x(@set.gaps.side + @set.pivot_inset), y(track_line)], 5, "runs")
      end

      def measures
        dimension = Dimension.new(@svg)
        top = y(@set.setback + @set.thickness)
        dimension.across(x(0), x(@set.gaps.side + @set.pivot_inset), top - 18, say(@set.gaps.side + @set.pivot_inset), feet: top - 2)
        dimension.across(x(0), x(@set.half_jamb), y(-STRIP_DEEP) + 24, say(@set.half_jamb), feet: y(-STRIP_DEEP) + 2)
        dimension.upright(y(0), y(@set.setback), x(@set.gaps.side + SHOWN) + 22, say(@set.setback), feet: x(@set.gaps.side + SHOWN) + 4)
        @svg.text([x(@set.gaps.side + SHOWN) - 4, y(-STRIP_DEEP) - 4], "side gap #{say(@set.gaps.side)}, hides #{say(@set.hidden)}", "quiet", anchor: "end")
      end
    end
  end
end
