# frozen_string_literal: true

module YellowTrack
  module Drawing
    class DrillPicture
      # Panels as they come; what they lap.
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
