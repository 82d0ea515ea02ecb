# frozen_string_literal: true

module YellowTrack
  module Drawing
    class DrillPicture
      # Panels in their opening, and the one height that may be wrong by what nothing shows.
      # The height at the left meets no other reading: a thin line across is what would have shown a slip of it.
      class OnceMore < DrillPicture
        SAYS = "A reading that is taken twice"

        # Draws it with its pen.
        def paint
          left, right, top, floor = ROOM.values
          pen.polygon([[left - 26, floor], [left - 26, top - 22], [right + 26, top - 22], [right + 26, floor],
            [right, floor], [right, top], [left, top + 10], [left, floor]], "wall")
          pen.rect([left + 4, top + 22], [(right - left) / 2 + 10, floor - top - 28], "face")
          pen.line([left - 40, floor], [right + 40, floor], "cut")
          upright(top + 10, floor, "?", at: left + 24)
          upright(top, floor, "", at: right - 24)
          pen.line([left + 24, top + 10], [right - 24, floor], "thin")
        end
      end
    end
  end
end
