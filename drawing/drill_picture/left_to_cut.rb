# frozen_string_literal: true

module YellowTrack
  module Drawing
    class DrillPicture
      # A slab and what comes off its foot.
      # The dashed line is where the saw goes: what is asked is the piece under it, not the panel.
      class LeftToCut < DrillPicture
        SAYS = "A slab, and what comes off its foot"

        # Draws it with its pen.
        def paint
          pen.rect([130, 16], [100, 204], "face")
          pen.line([112, 186], [248, 186], "hidden")
          upright(16, 220, "slab", at: 262)
          upright(16, 186, "panel", at: 100)
          upright(186, 220, "?", at: 180)
        end
      end
    end
  end
end
