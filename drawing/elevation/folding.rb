# frozen_string_literal: true

module YellowTrack
  module Drawing
    class Elevation
      # Panels that fold, seen from the front at the angle they stand at.
      # What folds changes its width on the picture, so that faces are drawn from the pose and widths are told of the
      # closed panels.
      class Folding < Elevation
        private

        # Half jambs stand over the panels, and pivots over those: each is drawn before what it hides.
        def draw
          @set.panels.zip(@moves.spans).each { |panel, (from, to)| face(panel, from, to) }
          rail(@set.track.start, @set.track.mount_height)
          pen.place("pivots.hidden", "pivots.top_seen") { half_jambs } if @set.half_jamb
          pen.place("kit.hole.diameter", "pivots.side_gap") { pivots }
        end

        # At both sides and over the head, for the strip goes round.
        def half_jambs
          left, right = @plan.sizing.jambs
          strip = @spread.length(@set.half_jamb)
          pen.rect([x(left), head], [strip, floor - head], "strip")
          pen.rect([x(right) - strip, head], [strip, floor - head], "strip")
          pen.rect([x(left), head], [x(right) - x(left), strip], "strip")
        end

        # One over the head and one at the foot, at each pivot's place.
        def pivots
          @set.pivots.each do |place|
            [foot, foot + @set.height].each { |height| pen.circle([x(place), y(height)], ROLLER - 1, "runs") }
          end
        end

        # Widths are those of the closed panels.
        def widths
          feet = floor + 4
          @set.panels.each_with_index do |panel, place|
            @dimension.across(x(panel.x), x(panel.right), feet + 18 + 22 * (place % 2), figure: figure(panel.width),
              feet:)
          end
        end
      end
    end
  end
end
