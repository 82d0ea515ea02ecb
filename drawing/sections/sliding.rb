# frozen_string_literal: true

module YellowTrack
  module Drawing
    class Sections
      # Sliding panels inside the opening, lane by lane from the front.
      class Sliding < Sections
        private

        def panels
          front, pitch = @set.kit.fetch("front_clearance"), @set.thickness + (@set.air || 0)
          @set.panels.uniq(&:lane).sort_by(&:lane).map do |panel|
            from = front + (panel.lane - 1) * pitch
            Across.new(panel.name, from, from + @set.thickness)
          end
        end

        # A guide stands between the panels on the floor.
        def guide(floor, under)
          panels.each_cons(2) do |one, other|
            @svg.rect([z(one.to, :foot), floor - under - 10], [[(other.from - one.to) * @scale, 2].max, under + 10], "runs")
          end
        end
      end
    end
  end
end
