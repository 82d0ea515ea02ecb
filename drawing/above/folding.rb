# frozen_string_literal: true

module YellowTrack
  module Drawing
    class Above
      # A folding set in plan at one angle: panels, pivots and guide pins, half
      # jambs, and the shape that its corners sweep.
      # The one picture in which a folding set's corners are seen on their way: whether they clear the jamb, the half
      # jamb and each other is decided between closed and open.
      class Folding < Above
        SWEPT = 24 # poses of the swept outline
        JAMB = 26 # screen units of jamb shown behind and before

        private

        # y of the track's line, screen units: the room is below it.
        def line = top_of_plan + JAMB

        # As far into the room as the pair comes out when it stands straight.
        def foot = line + @spread.length(set.fold.projection + set.thickness / 2) + 8

        # The swept shape lies under the panels, or their corners could not be told from it.
        def draw
          jambs.zip([-1, 1]).each { |mm, side| jamb(mm, side, @top + BAYS + 4, to: line + JAMB) }
          pen.line([x(@from), line], [x(@to), line], "runs-line")
          strips if set.half_jamb
          swept
          panels
        end

        # A pair is opened by its angle: there is no one place along the floor to tell.
        def told(move) = "#{move.value.round} degrees"

        # Degrees, in either unit.
        def step_of(_move) = [5, 1]

        # The half jamb from above, as far behind the panel's front as the setback.
        def strips
          back = line + @spread.length(set.thickness / 2 + set.terms.setback)
          wide = @spread.length(set.half_jamb)
          [x(jambs[0]), x(jambs[1]) - wide].each { |left| pen.rect([left, back], [wide, 8], "strip") }
        end

        # Each pair's pivot, and which way its x runs.
        def pairs = if set.two_pairs?
                      [[set.pivots[0], 1], [set.pivots[1], -1]]
                    else
                      [[set.pivots[0], (set.hand == "left") ? 1 : -1]]
                    end

        # A pose says its points from the pivot, u along the track and v into the room: at a right pivot the track
        # runs the other way.
        def place((u, v), (pivot, way)) = [x(pivot + way * u), line + @spread.length(v)]

        # The path of the knuckle's corner and of the lead's, from closed to the
        # widest fold.
        def swept
          poses = (0..SWEPT).map { |step| set.fold.at(set.fold.angle * step / SWEPT) }
          pairs.each do |pair|
            pen.polyline(poses.map { |pose| place(pose.pivot_corners[2], pair) }, "hidden")
            pen.polyline(poses.map { |pose| place(pose.lead_corners[2], pair) }, "hidden")
          end
        end

        # Names go with the places that panels have when all is closed, from left to right, whichever way a pair runs.
        def panels
          names = set.panels.map(&:name)
          pairs.each_with_index do |pair, place|
            lead_first = place.zero? && pair[1].negative?
            own = set.two_pairs? ? names.each_slice(2).to_a[place] : names
            own = own.reverse if lead_first || place == 1
            pair(pair, *own)
          end
        end

        # The lead is what a hand takes hold of to fold the pair, so that it alone is held.
        def pair(pair, pivot_name, lead_name)
          pose = @moves.pose
          [[pose.pivot_corners, pivot_name], [pose.lead_corners, lead_name]].each do |corners, name|
            grip = (corners == pose.lead_corners) ? held(Moves::Folding::FOLD) : {}
            pen.group("panel folds", "data-panel": name, **grip) do
              pen.polygon(corners.map { |corner| place(corner, pair) }, "face")
            end
          end
          [[0, 0], pose.pin].each { |point| pen.circle(place(point, pair), 4, "runs") }
          pen.circle(place(pose.knuckle, pair), 2, "dot")
        end
      end
    end
  end
end
