# frozen_string_literal: true

module YellowTrack
  module Drawing
    class DrillPicture
      # Panels as they come; what they lap.
      # Nothing is cut of them: their width P is given, and the lap is what is left over.
      class WhatLap < DrillPicture
        SAYS = "Panels as they come, and what they lap"

        # Draws it with its pen.
        def paint
          opening
          panels(74, 150, wide: 136)
          across(74, 210, "P", at: 76)
          across(150, 210, "?", at: 190)
        end
      end
    end
  end
end
