# frozen_string_literal: true

module YellowTrack
  module Drawing
    class DrillPicture
      # A door between head and floor.
      # Drop over it and gap under it are the set's own; the opening's height, the ?, is what has to hold all three.
      class DoesItFit < DrillPicture
        SAYS = "A door of a given height between head and floor"

        # Draws it with its pen.
        def paint
          opening
          pen.rect([120, 62], [110, 132], "face")
          upright(62, 194, "door", at: 150)
          upright(34, 62, "drop", at: 244)
          upright(194, 210, "gap", at: 244)
          upright(34, 210, "?", at: 90)
        end
      end
    end
  end
end
