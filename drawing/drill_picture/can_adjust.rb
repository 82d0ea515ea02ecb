# frozen_string_literal: true

module YellowTrack
  module Drawing
    class DrillPicture
      # Its hangers, and how far they go.
      # What is asked is a yes or no: whether the gaps that were read lie within what the arrows span.
      class CanAdjust < DrillPicture
        SAYS = "Two hangers, and how far each of them goes"

        # Draws it with its pen.
        def paint
          opening
          panels(110, wide: 130, names: ["A"])
          [130, 220].each do |x|
            pen.circle([x, 44], 9, "runs")
            upright(64, 104, "", at: x)
          end
        end
      end
    end
  end
end
