# frozen_string_literal: true

module YellowTrack
  module Drawing
    class Elevation
      # Panels that hang from a track at the head.
      # A track hides the panels' heads, so it is drawn over them; the guide stands on the floor, in front of the faces.
      class TopHung < Elevation
        private

        # Panels first, then the track that they go behind, their hangers, and the guides at the floor.
        def draw
          faces
          rail(@set.track.start, @set.track.mount_height)
          hangers(@set.track.mount_height)
          guides(@set.guides.places)
        end
      end
    end
  end
end
