# frozen_string_literal: true

module YellowTrack
  module Drawing
    class Sections
      # A track at the head, rollers over each panel.
      # Rollers run in a track under the head, and the panel hangs from them by the kit's drop.
      class TopHung < Sliding
        private

        # The drop is what the kit says from the head to the panel's top.
        def above = @set.kit.fetch("drop")

        # One track over all lanes, and in it a roller over each of them.
        def runs
          pen.rect([z(0, :head), down(0)], [deep * @scale, 8], "runs")
          panels.each do |panel|
            middle = z((panel.from + panel.to) / 2.0, :head)
            pen.line([middle, down(0) + 14], [middle, down(above)], "seen")
            pen.circle([middle, down(0) + 13], 6, "runs")
          end
        end

        # Nothing carries it from below: a guide alone keeps it from swinging.
        def below(floor, under) = guide(floor, under)
      end
    end
  end
end
