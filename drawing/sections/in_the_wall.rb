# frozen_string_literal: true

module YellowTrack
  module Drawing
    class Sections
      # A panel inside its wall: boards, studs, and the free space each side.
      # The wall is drawn as it is built, from its own boards and studs, and the panel in what is free between them.
      class InTheWall < Sections
        private

        # The wall's own thickness: nothing stands before or behind it.
        def deep = @set.wall

        # What the pocket's frame asks for over the leaf, mm.
        def above = @set.kit.fetch("head_allowance")

        # What lies on the front of the panel: a board, a stud and the air that the kit wants.
        def side = @set.board + @set.kit.fetch("stud") + @set.kit.fetch("side_clearance")

        # One leaf is cut, whichever side the other goes to.
        def panels = [Across.new("A", side, side + @set.thickness)]

        # The build-up goes past the track at the head, and the roller hangs within it.
        def runs
          middle = z(side + @set.thickness / 2, :head)
          build_up(:head, down(0), down(above) + SHOWN * @scale)
          pen.rect([middle - 14, down(0)], [28, 8], "runs")
          pen.line([middle, down(0) + 8], [middle, down(above)], "seen")
          pen.circle([middle, down(0) + 13], 6, "runs")
        end

        # Boards and studs at both sides.
        def build_up(half, from, to)
          board, stud = @set.board, @set.kit.fetch("stud")
          [[0, board, "wall"], [board, stud, "strip"], [deep - board - stud, stud, "strip"],
            [deep - board, board, "wall"]].each do |at, thick, css|
            pen.rect([z(at, half), from], [thick.to_f * @scale, to - from], css)
          end
        end

        # At the foot the wall goes down to the floor at both sides, and no rail stands there.
        def below(floor, under) = build_up(:foot, floor - under - PANEL_FOOT, floor)
      end
    end
  end
end
