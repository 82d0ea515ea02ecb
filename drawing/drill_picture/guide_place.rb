# frozen_string_literal: true

module YellowTrack
  module Drawing
    class DrillPicture
      # Two panels over a floor, the guide between them.
      # The guide itself is left out where words ask for its place, for that would be the answer.
      class GuidePlace < DrillPicture
        SAYS = "The floor under two panels, and their guide"

        # Draws it with its pen.
        def paint
          opening
          pen.rect([172, ROOM[:floor] - 16], [16, 16], "runs") unless @words
          say([180, 122], "where, from the left jamb?")
        end
      end
    end
  end
end
