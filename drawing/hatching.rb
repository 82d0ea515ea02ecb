# frozen_string_literal: true

module YellowTrack
  module Drawing
    # Slanted lines over a rectangle, with the pen of whoever draws it.
    module Hatching
      HATCH = 9 # screen units between its lines

      private

      # Lines from the lower left to the upper right, cut off at a rectangle.
      # Each line starts at the left or the lower side and ends at the right or the upper one; those near the corners
      # are shorter.
      def slanted((left, top), (right, bottom), step: HATCH)
        wide, high = right - left, bottom - top
        (step.to_f..(wide + high)).step(step) do |run|
          from = [left + [run - high, 0].max, top + [run, high].min]
          to = [left + [run, wide].min, top + [run - wide, 0].max]
          pen.line(from, to, "hatch")
        end
      end
    end
  end
end
