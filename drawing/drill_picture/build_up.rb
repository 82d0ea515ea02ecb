# frozen_string_literal: true

module YellowTrack
  module Drawing
    class DrillPicture
      # Layers from a jamb out.
      # Each strip is of a stuff that the rack has, thick to thin: how many of which make up what packs it.
      class BuildUp < DrillPicture
        SAYS = "Layers that pack a jamb"

        # Draws it with its pen.
        def paint
          pen.rect([30, 30], [90, 180], "wall")
          [[120, 40], [160, 24], [184, 12]].each { |left, wide| pen.rect([left, 30], [wide, 180], "strip") }
          across(120, 196, "packing", at: 20)
          [140, 172, 190].each { |x| say([x, 126], "?") }
        end
      end
    end
  end
end
