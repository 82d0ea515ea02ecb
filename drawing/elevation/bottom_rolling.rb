# frozen_string_literal: true

module YellowTrack
  module Drawing
    class Elevation
      # Panels that roll on a rail at the floor, a channel above them.
      # Two rails: the channel above, which steadies, and the one on the floor, which carries.
      class BottomRolling < Elevation
        private

        # Panels, the channel they reach into, the rail that they stand on, and the wheels between.
        def draw
          faces
          start = x(@set.track.start)
          rail(@set.track.start, @set.track.mount_height)
          pen.place("track.floor_rail", "engagement") do
            pen.rect([start, y(floor_rail)], [@spread.length(@set.track.floor_rail), 3], "runs")
          end
          pen.place("panels.rollers", "panels.spacing") { wheels }
        end

        # What the wheels stand on, mm.
        def floor_rail = foot - @set.kit.fetch("rail.height")

        # Wheels stand on the floor rail under the panel that they carry, wherever it was slid to.
        def wheels
          @set.panels.zip(lefts).each do |panel, left|
            panel.rollers.each { |roller| pen.circle([x(left + roller), y(floor_rail) - 2], ROLLER - 1, "runs") }
          end
        end
      end
    end
  end
end
