# frozen_string_literal: true

module YellowTrack
  module Drawing
    class Sections
      # Panels before the wall, hung from a rail on it.
      class OnTheWall < Sections
        private

        def deep = [panels.last.to + @set.kit.fetch("standoff") + @set.support.standoff, 1].max

        # The rail's line above a panel's top.
        def above = @set.kit.fetch("rise")

        def panels
          pitch = @set.thickness + (@set.air || 0)
          @set.panels.uniq(&:lane).sort_by(&:lane).map do |panel|
            Across.new(panel.name, (panel.lane - 1) * pitch, (panel.lane - 1) * pitch + @set.thickness)
          end
        end

        # No head above: the wall behind.
        def ceiling = @svg.rect([z(deep, :head), HEAD_TOP], [14, 150], "wall")

        def runs
          panels.each do |panel|
            middle = z((panel.from + panel.to) / 2.0, :head)
            @svg.line([middle, down(0)], [middle, down(above)], "seen")
            @svg.circle([middle, down(0)], 6, "runs")
          end
          @svg.line([z(0, :head), down(0)], [z(deep, :head), down(0)], "runs-line")
        end

        def below(floor, under)
          panels.each { |panel| @svg.rect([z((panel.from + panel.to) / 2.0, :foot) - 2, floor - under - 14], [4, under + 14], "runs") } if @set.guides.groove?
        end
      end
    end
  end
end
