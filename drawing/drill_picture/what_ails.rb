# frozen_string_literal: true

module YellowTrack
  module Drawing
    class DrillPicture
      # A door with places that can be asked about.
      # Three rings, for a finding is asked by pointing at a place: at the head, at the edge, at the foot.
      class WhatAils < DrillPicture
        SAYS = "A door that hangs badly, and where to look"

        # Draws it with its pen.
        def paint
          opening
          pen.polygon([[90, 52], [210, 48], [214, 200], [94, 204]], "face")
          [[112, 60], [200, 128], [120, 196]].each { |at| pen.circle(at, 13, "hole") }
        end
      end
    end
  end
end
