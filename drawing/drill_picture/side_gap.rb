# frozen_string_literal: true

module YellowTrack
  module Drawing
    class DrillPicture
      # A panel's corner on its circle about the pivot, beside the jamb; from above.
      # The corner stands as far from the pivot as its circle is wide, and it has to pass the jamb: the ? is what is
      # left between both at the narrowest, a the pivot's place, t the panel's thickness, r the circle's radius.
      class SideGap < DrillPicture
        SAYS = "A panel's corner swings past the jamb, from above"

        # Draws it with its pen.
        def paint
          pen.rect([10, 40], [70, 160], "wall")
          pen.rect([104, 96], [246, 48], "face")
          pen.circle([150, 120], 52, "hidden")
          pen.circle([150, 120], 6, "runs")
          across(80, 98, "?", at: 30)
          pen.line([98, 30], [98, 120], "extension")
          across(104, 150, "a", at: 170)
          upright(96, 144, "t", at: 300)
          pen.line([150, 120], [104, 96], "cut")
          say([136, 90], "r")
        end
      end
    end
  end
end
