# frozen_string_literal: true

module YellowTrack
  module Drawing
    class DrillPicture
      # Bars and what is cut from them.
      # A light bar is stock, what is dark is taken out of it; the last has an offcut that may yet be of use.
      class CutFrom < DrillPicture
        SAYS = "Bars, and what is cut from them"

        # Draws it with its pen.
        def paint
          [[50, 320, 190, 90], [110, 320, 130, 150], [170, 220, 180, 0]].each do |top, long, one, other|
            pen.rect([20, top], [long, 34], "bay")
            pen.rect([20, top], [one, 34], "face")
            pen.rect([20 + one + 4, top], [other, 34], "face") if other.positive?
          end
        end
      end
    end
  end
end
