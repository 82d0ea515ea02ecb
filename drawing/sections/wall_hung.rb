# frozen_string_literal: true

module YellowTrack
  module Drawing
    class Sections
      # Panels before the wall, hung from a rail on it.
      # No head is over it and no jamb beside it: the wall is behind, and how far the panel stands off from it is what
      # the fitter reads.
      class WallHung < Sliding
        private

        # From the panels' front to the wall: the kit's own stand-off, and a block's where the skirting is in the way.
        def deep = [panels.last.to + @set.kit.fetch("standoff") + @set.wall.standoff, 1].max

        # The rail's line above a panel's top.
        def above = @set.kit.fetch("rise")

        # Before the wall there is no front to keep clear of.
        def panels
          super.then do |list|
            list.map { |one| Across.new(one.name, one.from - list.first.from, one.to - list.first.from) }
          end
        end

        # No head above: the wall behind.
        def ceiling = pen.rect([z(deep, :head), @head_top], [14, 150], "wall")

        # A rail on the wall, and from it a strap down to each panel's top.
        def runs
          panels.each do |panel|
            middle = z((panel.from + panel.to) / 2.0, :head)
            pen.line([middle, down(0)], [middle, down(above)], "seen")
            pen.circle([middle, down(0)], 6, "runs")
          end
          pen.line([z(0, :head), down(0)], [z(deep, :head), down(0)], "runs-line")
        end

        # A tongue in the groove, or a guide at each side: what keeps the panel at its distance from the wall.
        def below(floor, under)
          if @set.guides.groove?
            panels.each { |panel|
              pen.rect([z((panel.from + panel.to) / 2.0, :foot) - 2, floor - under - 14],
                [4, under + 14], "runs")
            }
          end
        end
      end
    end
  end
end
