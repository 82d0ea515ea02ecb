# frozen_string_literal: true

module YellowTrack
  module Drawing
    class Elevation
      # What is clear between the panels, hatched and told.
      module Hatched
        include Hatching

        private

        # What is clear is hatched, and told.
        # Narrow ones have no room for their words: the hatching says that something is clear, the ledger how much.
        def hatch
          @moves.windows.each do |from, to|
            # From head to floor: what is clear is clear over the whole height.
            corner, far = [x(from), head], [x(to), floor]
            slanted(corner, far)
            if far[0] - corner[0] > 64
              middle = [(corner[0] + far[0]) / 2, corner[1] + (far[1] - corner[1]) * 0.34]
              pen.text(middle, "#{figure(to - from)} clear", "clear-word")
            end
          end
        end
      end
    end
  end
end
