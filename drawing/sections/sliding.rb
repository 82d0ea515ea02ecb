# frozen_string_literal: true

module YellowTrack
  module Drawing
    class Sections
      # Sliding panels inside the opening, lane by lane from the front.
      class Sliding < Sections
        private

        # One of each lane, for all of a lane stand behind each other.
        def panels
          @set.panels.uniq(&:lane).sort_by(&:lane).map { |panel| Across.new(panel.name, *@set.lane_faces(panel.lane)) }
        end

        # A guide stands between the panels on the floor.
        def guide(floor, under)
          panels.each_cons(2) do |one, other|
            pen.rect([z(one.to, :foot), floor - under - 10], [[(other.from - one.to) * @scale, 2].max, under + 10],
              "runs")
          end
        end
      end
    end
  end
end
