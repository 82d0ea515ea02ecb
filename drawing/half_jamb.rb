# frozen_string_literal: true

module YellowTrack
  module Drawing
    # A half jamb from above, cut across at the pivot: the strip on the jamb,
    # the panel's edge behind it, the pivot, to one scale.
    # A corner cut through from above: the strip on the jamb, the panel set back behind it, the pivot in the panel,
    # and how little is left between them.
    class HalfJamb < Picture
      WIDTH = 330
      HEIGHT = 170
      SHOWN = 110 # mm of panel shown
      STRIP_DEEP = 18 # mm, the strip's other side
      SCALE = 1.6

      # @param plan [Plan] of a bifold set with a half jamb
      # @param printer [Length::Printer]
      def initialize(plan, printer)
        @set = plan.set
        super(printer)
      end

      # What stands in the window's own line.
      def title = "Half jamb from above"

      # What it is called in the page; one of each stands there.
      def id = "half-jamb"

      # Draws it with its pen.
      def paint
        jamb
        panel
        measures
      end

      private

      # The three figures that it is drawn from.
      def description
        "Strip #{say(@set.half_jamb)} on the jamb. Side gap #{say(@set.gaps.side)}. Hides #{say(@set.hidden)} of the " \
          "panel's edge. " \
          "Panel's face #{say(@set.terms.setback)} behind the strip. Pivot #{say(pivot)} from the jamb, track " \
            "#{say(@set.track_line)} behind the strip."
      end

      # From the jamb.
      def pivot = @set.fold.pivot_place

      # Millimetres from the jamb's face, at one scale both ways, for angles are read off it.
      def x(mm) = 70 + mm.to_f * SCALE

      # Depth behind the strip's back; the room is below.
      def y(mm) = 100 - mm.to_f * SCALE

      # Wall, and the strip on it with both its sides.
      def jamb
        pen.rect([20, y(@set.terms.setback + @set.thickness) - 14],
          [50, HEIGHT - y(@set.terms.setback + @set.thickness)], "wall")
        pen.rect([x(0), y(0)], [@set.half_jamb.to_f * SCALE, STRIP_DEEP * SCALE], "strip")
      end

      # As it stands closed: its edge at the jamb, its front behind the strip's back.
      def panel
        pen.rect([x(@set.gaps.side), y(@set.terms.setback + @set.thickness)],
          [SHOWN * SCALE, @set.thickness.to_f * SCALE], "face")
        pen.line([x(0), y(@set.track_line)], [x(@set.gaps.side + SHOWN), y(@set.track_line)], "hidden")
        pen.circle([x(pivot), y(@set.track_line)], 5, "runs")
      end

      # Setback, strip and the pivot's place: the three that have to agree.
      def measures
        dimension = Dimension.new(pen)
        top = y(@set.terms.setback + @set.thickness)
        dimension.across(x(0), x(pivot), top - 18, figure: say(pivot), feet: top - 2)
        dimension.across(x(0), x(@set.half_jamb), y(-STRIP_DEEP) + 24, figure: say(@set.half_jamb),
          feet: y(-STRIP_DEEP) + 2)
        dimension.upright(y(0), y(@set.terms.setback), x(@set.gaps.side + SHOWN) + 22, figure: say(@set.terms.setback),
          feet: x(@set.gaps.side + SHOWN) + 4)
        pen.text([x(@set.gaps.side + SHOWN) - 4, y(-STRIP_DEEP) - 4],
          "side gap #{say(@set.gaps.side)}, hides #{say(@set.hidden)}", "quiet", anchor: "end")
      end
    end
  end
end
