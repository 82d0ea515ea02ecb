# frozen_string_literal: true

module YellowTrack
  module Drawing
    class Above
      # A pocket set in plan: the wall built up around the panel, and where the
      # panel stands.
      # The wall is as thick on the picture as a hand is broad, for what lies in it has to be told apart: board, stud,
      # air, leaf.
      class Pocketed < Above
        THICK = 46 # screen units of wall, larger than life

        # What of its plan stands along the floor, mm from the left jamb's foot.
        def self.shown(plan)
          left, right = plan.sizing.jambs
          sides = plan.set.pocket_sides
          [sides.include?("left") ? left - plan.set.needed_beside : left - 60,
            sides.include?("right") ? right + plan.set.needed_beside : right + 60]
        end

        private

        # A leaf is in the wall's own thickness: there is one lane, and no more below it.
        def foot = top_of_plan + THICK

        # Screen units of so many millimetres of the wall's thickness.
        def deep(mm) = mm.to_f * THICK / set.wall.to_f

        # Each side has a pocket or solid wall, and the leaf stands in the middle of its thickness.
        def draw
          left, right = jambs
          wall_part(@from, left, set.pocket_sides.include?("left"))
          wall_part(right, @to, set.pocket_sides.include?("right"))
          middle = top_of_plan + THICK / 2
          set.panels.zip(@moves.lefts).each { |panel, edge| panel(panel, edge, middle) }
        end

        # Solid wall, or boards and studs at both sides of a pocket.
        def wall_part(from, to, hollow)
          return pen.rect([x(from), top_of_plan], [x(to) - x(from), THICK], "wall") unless hollow

          board, stud = deep(set.board), deep(set.kit.fetch("stud"))
          [[0, board, "wall"], [board, stud, "strip"], [THICK - board - stud, stud, "strip"],
            [THICK - board, board, "wall"]].each do |offset, thick, css|
            pen.rect([x(from), top_of_plan + offset], [x(to) - x(from), thick], css)
          end
        end

        # As thick as it is in its wall, by the same measure.
        def panel(panel, edge, middle) = sliding(panel, edge, middle, thick: deep(set.thickness), css: "panel slides")
      end
    end
  end
end
