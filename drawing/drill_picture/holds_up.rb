# frozen_string_literal: true

module YellowTrack
  module Drawing
    class DrillPicture
      # Visits along a track, and what they wait for.
      # Three visits hang on the rail; the bar under them is others' work, which one of them waits for.
      class HoldsUp < DrillPicture
        SAYS = "Visits along the track, and what they wait for"

        # Draws it with its pen.
        def paint
          pen.rect([16, 40], [328, 10], "runs")
          [[24, 80], [130, 60], [252, 84]].each { |left, wide| pen.rect([left, 56], [wide, 80], "face") }
          pen.rect([104, 166], [148, 28], "others")
        end
      end
    end
  end
end
