# frozen_string_literal: true

module YellowTrack
  module Drawing
    class Above
      # The lanes of a sliding set in plan; the lane nearest the room lowest.
      # Lanes are drawn as far apart as a panel and a finger take, and not to the depth's scale: which runs before
      # which has to be seen, and the depths are told by the section.
      class Sliding < Above
        LANE = 26
        PANEL = 18

        # On the wall the panels need the wall beside.
        def self.shown(plan)
          set, jambs = plan.set, plan.sizing.jambs
          return jambs unless set.covers?

          [[*set.panels.map { |panel| panel.travel.first }, 0].min,
            [*set.panels.map { |panel| panel.travel.last + set.width }, jambs.last].max]
        end

        private

        # Lanes are numbered from the front, from 1 on.
        def count = set.pattern.lanes.max

        # As many lanes as the set has.
        def foot = top_of_plan + count * LANE

        # The first lane is the nearest to the room, and the lowest on the picture.
        def lane_y(lane) = top_of_plan + (count - lane) * LANE + LANE / 2

        # On the wall the jambs end before the lanes; inside the opening the lanes run between them.
        def draw
          on_wall = set.covers?
          jambs.zip([-1, 1]).each { |mm, side| jamb(mm, side, @top - 4, to: on_wall ? @top + BAYS + 4 : foot + 4) }
          (1..count).each { |lane| pen.rect([x(@from), lane_y(lane) - 1.5], [x(@to) - x(@from), 3], "runs") }
          set.panels.zip(@moves.lefts).each { |panel, left| panel(panel, left) }
        end

        # Lanes are told apart by their class: what slides before another is drawn over it.
        def panel(panel, left)
          sliding(panel, left, lane_y(panel.lane), thick: PANEL, css: "panel slides lane-#{panel.lane}")
        end
      end
    end
  end
end
