# frozen_string_literal: true

module YellowTrack
  module Drawing
    class Sections
      # A track at the head, rollers over each panel.
      class TopHung < Sliding
        private

        def above = @set.kit.fetch("drop")

        def runs
          @pen.rect([z(0, :head), down(0)], [deep * @scale, 8], "runs")
          panels.each do |panel|
            middle = z((panel.from + panel.to) / 2.0, :head)
            @pen.line([middle, down(0) + 14], [middle, down(above)], "seen")
            @pen.circle([middle, down(0) + 13], 6, "runs")
          end
        end

        def below(floor, under) = guide(floor, under)
      end
    end
  end
end
