# frozen_string_literal: true

module YellowTrack
  module Drawing
    class Elevation
      # Panels that hang from a track at the head.
      class Hung < Elevation
        private

        def draw
          faces
          @svg.rect([x(@plan.sizing.start), y(@set.track.mount_height)], [@frame.length(@set.track.length), TRACK], "runs track")
          hangers(@set.track.mount_height)
          guides(@set.guides.places)
        end
      end
    end
  end
end
