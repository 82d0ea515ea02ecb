# frozen_string_literal: true

module YellowTrack
  module Drawing
    class Elevation
      # What is clear between the panels, hatched and told.
      module Hatched
        HATCH = 9 # screen units between its lines

        private

        # What is clear is hatched, and told.
        def hatch
          @moves.windows.each do |from, to|
            corner, far = [x(from), head], [x(to), floor]
            slanted(corner, far)
            if far[0] - corner[0] > 64
              @pen.text([(corner[0] + far[0]) / 2, corner[1] + (far[1] - corner[1]) * 0.34], "#{figure(to - from)} clear",
                "clear-word")
            end
          end
        end

        # Lines from the lower left to the upper right, cut off at a rectangle.
        def slanted((left, top), (right, bottom))
          wide, high = right - left, bottom - top
          (HATCH.to_f..(wide + high)).step(HATCH) do |run|
            from = [left + [run - high, 0].max, top + [run, high].min]
            to = [left + [run, wide].min, top + [run - wide, 0].max]
            @pen.line(from, to, "hatch")
          end
        end
      end
    end
  end
end
