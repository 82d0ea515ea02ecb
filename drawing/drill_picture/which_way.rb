# frozen_string_literal: true

module YellowTrack
  module Drawing
    class DrillPicture
      # A panel that leans off its jamb.
      # Both screws stand over it: which one is turned, which way and how far is what is asked.
      class WhichWay < DrillPicture
        SAYS = "A panel that leans off its jamb"

        # Draws it with its pen.
        def paint
          opening
          pen.polygon([[94, 58], [204, 50], [214, 196], [104, 204]], "face")
          [[112, 46], [190, 44]].each { |at| pen.circle(at, 9, "runs") }
        end
      end
    end
  end
end
