# frozen_string_literal: true

module YellowTrack
  module Drawing
    class DrillPicture
      # The opening with its tape lines.
      # Both diagonals, a width and a height: what they say of each other is what the drill is about.
      class Readings < DrillPicture
        SAYS = "The opening and where the tape is held"

        # Draws it with its pen.
        def paint
          opening(track: false)
          left, right, top, floor = ROOM.values
          [[[left, top], [right, floor]], [[left, floor], [right, top]], [[left, 122], [right, 122]],
            [[180, top], [180, floor]]].each { |from, to| pen.line(from, to, "tape") }
        end
      end
    end
  end
end
