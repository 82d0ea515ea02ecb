# frozen_string_literal: true

module YellowTrack
  module Drawing
    class Above
      # The lanes of a sliding set in plan; the lane nearest the room lowest.
      class Sliding < Above
        LANE = 26
        PANEL = 18

        private

        # On the wall the panels need the wall beside.
        def span
          return super unless @set.support.covers?

          travels = @set.panels.map(&:travel)
          [[travels.map(&:first).min, 0].min, [travels.map(&:last).max + @set.width, jambs.last].max]
        end

        def title = "Lanes, from above"

        def count = @set.pattern.lanes.max

        def foot = TOP + BAYS + 8 + count * LANE

        def lane_y(lane) = TOP + BAYS + 8 + (count - lane) * LANE + LANE / 2

        def draw
          on_wall = @set.support.covers?
          jambs.zip([-1, 1]).each { |mm, side| jamb(mm, side, TOP - 4, on_wall ? TOP + BAYS + 4 : foot + 4) }
          (1..count).each { |lane| @pen.rect([x(@from), lane_y(lane) - 1.5], [x(@to) - x(@from), 3], "runs") }
          @set.panels.zip(@moves.lefts).each { |panel, left| panel(panel, left) }
        end

        def panel(panel, left)
          sliding(panel, left, lane_y(panel.lane), PANEL, "panel slides lane-#{panel.lane}")
        end
      end
    end
  end
end
