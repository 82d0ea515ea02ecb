# frozen_string_literal: true

module YellowTrack
  module Drawing
    class DrillPicture
      # Panels that lap; how wide one is.
      # The laps are wood that is there twice: the panels' widths add up to more than what they cover.
      class PanelWidth < DrillPicture
        SAYS = "Panels that lap, one of them to be sized"

        # Draws it with its pen.
        def paint
          opening
          panels(74, 166, wide: 120)
          across(74, 194, "?", at: 76)
          across(166, 194, "lap", at: 190)
        end
      end
    end
  end
end
