# frozen_string_literal: true

module YellowTrack
  module Drawing
    class DrillPicture
      # A wall cut across at its pocket: boards, studs and air about the leaf; from above.
      # Two things are asked of it: how thick the wall becomes by its layers, and how wide the rough opening has to be
      # for the clear one and the pocket beside it.
      class PocketFrame < DrillPicture
        SAYS = "A pocket in its wall, cut across from above"

        # Draws it with its pen.
        def paint
          walls
          pen.rect([84, 108], [150, 26], "face")
          upright(62, 180, "?", at: 20)
          across(60, 232, "depth", at: 46)
          across(232, 340, "clear", at: 46)
          across(44, 356, "? rough", at: 214)
          say([160, 126], "leaf", "bay-word")
          say([296, 76], "board, stud, air", "quiet")
        end

        private

        # Boards outside, studs between them, closed at the pocket's end and at the other jamb.
        def walls
          [62, 164].each { |y| pen.rect([44, y], [188, 16], "wall") }
          [60, 180].product([78, 146]).each { |x, y| pen.rect([x, y], [40, 18], "strip") }
          pen.rect([44, 62], [16, 118], "wall")
          pen.rect([340, 62], [16, 118], "wall")
        end
      end
    end
  end
end
