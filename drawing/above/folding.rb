# frozen_string_literal: true

module YellowTrack
  module Drawing
    class Above
      # A folding set in plan at one angle: panels, pivots and guide pins, half
      # jambs, and the shape that its corners sweep.
      class Folding < Above
        SWEPT = 24 # poses of the swept outline
        JAMB = 26 # screen units of jamb shown behind and before

        private

        # y of the track's line, screen units: the room is below it.
        def line = top_of_plan + JAMB

        def foot = line + @spread.length(@set.fold.projection + @set.thickness / 2) + 8

        def draw
          jambs.zip([-1, 1]).each { |mm, side| jamb(mm, side, @top + BAYS + 4, to: line + JAMB) }
          @pen.line([x(@from), line], [x(@to), line], "runs-line")
          strips if @set.half_jamb
          swept
          panels
        end

        def told(move) = "#{move.value.round} degrees"

        def step_of(_move) = [5, 1]

        def strips
          back = line + @spread.length(@set.thickness / 2 + @set.terms.setback)
          wide = @spread.length(@set.half_jamb)
          [x(jambs[0]), x(jambs[1]) - wide].each { |left| @pen.rect([left, back], [wide, 8], "strip") }
        end

        # Each pair's pivot, and which way its x runs.
        def pairs = if @set.two_pairs?
                      [[@set.pivots[0], 1], [@set.pivots[1], -1]]
                    else
                      [[@set.pivots[0], (@set.hand == "left") ? 1 : -1]]
                    end

        def place((u, v), (pivot, way)) = [x(pivot + way * u), line + @spread.length(v)]

        # The path of the knuckle's corner and of the lead's, from closed to the
        # widest fold.
        def swept
          poses = (0..SWEPT).map { |step| @set.fold.at(@set.fold.angle * step / SWEPT) }
          pairs.each do |pair|
            @pen.polyline(poses.map { |pose| place(pose.pivot_corners[2], pair) }, "hidden")
            @pen.polyline(poses.map { |pose| place(pose.lead_corners[2], pair) }, "hidden")
          end
        end

        def panels
          names = @set.panels.map(&:name)
          pairs.each_with_index do |pair, place|
            lead_first = place.zero? && pair[1].negative?
            own = @set.two_pairs? ? names.each_slice(2).to_a[place] : names
            own = own.reverse if lead_first || place == 1
            pair(pair, *own)
          end
        end

        def pair(pair, pivot_name, lead_name)
          pose = @moves.pose
          [[pose.pivot_corners, pivot_name], [pose.lead_corners, lead_name]].each do |corners, name|
            grip = (corners == pose.lead_corners) ? held(Moves::Folding::FOLD) : {}
            @pen.group("panel folds", "data-panel": name, **grip) do
              @pen.polygon(corners.map { |corner| place(corner, pair) }, "face")
            end
          end
          [[0, 0], pose.pin].each { |point| @pen.circle(place(point, pair), 4, "runs") }
          @pen.circle(place(pose.knuckle, pair), 2, "dot")
        end
      end
    end
  end
end
