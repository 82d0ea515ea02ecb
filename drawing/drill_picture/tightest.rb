# frozen_string_literal: true

module YellowTrack
  module Drawing
    class DrillPicture
      # The narrowest place of jambs that stand out of plumb.
      # The jambs lean together at the top and the head falls: neither ? is where a tape is held first.
      class Tightest < DrillPicture
        SAYS = "The tightest place of an opening"

        # Draws it with its pen.
        def paint
          left, right, top, floor = ROOM.values
          pen.polygon([[left - 26, floor], [left - 26, top - 22], [right + 26, top - 22], [right + 26, floor],
            [right, floor], [right - 18, top], [left + 10, top + 8], [left, floor]], "wall")
          pen.line([left - 40, floor], [right + 40, floor], "cut")
          across(left + 9, right - 17, "?", at: top + 26)
          upright(top + 5, floor, "?", at: 180)
        end
      end
    end
  end
end
