# frozen_string_literal: true

module YellowTrack
  module Drawing
    class Elevation
      # Panels that slide into the wall; the pockets dashed.
      # More wall than opening is shown: as far as the leaf goes into it at the sides that it goes to.
      class InTheWall < Elevation
        # What of its plan stands along the floor, mm from the left jamb's foot.
        def self.shown(plan)
          left, right = plan.sizing.jambs
          sides = plan.set.pocket_sides
          [sides.include?("left") ? left - plan.set.needed_beside : left,
            sides.include?("right") ? right + plan.set.needed_beside : right]
        end

        private

        # A leaf in the wall is no part of the opening.
        def opening_left = @plan.sizing.jambs.first

        def opening_right = @plan.sizing.jambs.last

        # The pockets are drawn after the faces: what is dashed has to be seen over a leaf that stands in one.
        def draw
          faces
          pen.place("pocket.rough_width", "pocket.depth", "pocket.stay") { pockets }
          rail(@set.track.start, @set.track.mount_height)
          hangers(@set.track.mount_height)
        end

        # Dashed, for it lies behind the wall's board: where no screw may go deeper than the plan says.
        def pockets
          left, right = @plan.sizing.jambs
          @set.pocket_sides.each do |side|
            from = (side == "left") ? left - @set.depth : right
            pen.rect([x(from), head], [@spread.length(@set.depth), floor - head], "hidden")
          end
        end
      end
    end
  end
end
