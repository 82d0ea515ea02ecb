# frozen_string_literal: true

module YellowTrack
  module Drawing
    class DrillPicture
      # The two ways of doing one thing, beside each other.
      # The panel at the right is not square: schools differ in what is done with jambs that are not.
      class TwoWays < DrillPicture
        SAYS = "One way, and the other"

        # Draws it with its pen.
        def paint
          [20, 196].each { |left| frame(left) }
          pen.rect([28, 54], [128, 150], "face")
          pen.polygon([[206, 54], [328, 62], [320, 204], [204, 204]], "face")
          say([92, 28], "one way", "quiet")
          say([268, 28], "the other", "quiet")
        end

        private

        # The same opening once for either school.
        def frame(left)
          pen.rect([left, 36], [144, 12], "wall")
          pen.line([left - 6, 208], [left + 150, 208], "cut")
        end
      end
    end
  end
end
