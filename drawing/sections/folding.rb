# frozen_string_literal: true

module YellowTrack
  module Drawing
    class Sections
      # A folding panel under its track, behind a half jamb where there is one.
      # Seen from the side, front at the left: track and pin over the panel, the pivot's pin in the floor under it,
      # and before all of it the half jamb that hides the gap.
      class Folding < Sections
        private

        # Where the panel's front stands: behind the half jamb and the setback, or flush.
        def front = @set.half_jamb ? @set.terms.setback + 18 : 0r

        # Some floor is shown behind the panel, so that it does not end with it.
        def deep = front + @set.thickness + 20

        # From the head to the panel's top: what the pivot and the track take.
        def above = @set.head_allowance

        # Closed, both panels of a pair stand in one line: one of them says it all.
        def panels = [Across.new(@set.panels.first.name, front, front + @set.thickness)]

        # Track, pin, and the half jamb's edge at the head.
        def runs
          middle = z(front + @set.thickness / 2, :head)
          pen.rect([middle - 12, down(0)], [24, 8], "runs")
          pen.rect([middle - 3, down(0) + 8], [6, above.to_f * @scale + 8], "runs")
          return unless @set.half_jamb

          pen.rect([z(0, :head), down(0)], [18 * @scale, @set.half_jamb.to_f * @scale], "strip")
        end

        # Beside what every section tells: how far the panel is set back, where there is something to set it back
        # behind.
        def depths
          super
          return unless @set.half_jamb

          y = down(above) + SHOWN * @scale + 50
          @dimension.across(z(18, :head), z(front, :head), y, figure: say(@set.terms.setback), feet: y - 44)
        end

        # The pivot's plate on the floor, and its pin up into the panel's foot.
        def below(floor, under)
          middle = z(front + @set.thickness / 2, :foot)
          pen.rect([middle - 10, floor - 5], [20, 5], "runs")
          pen.rect([middle - 3, floor - under - 12], [6, under + 10], "runs")
        end
      end
    end
  end
end
