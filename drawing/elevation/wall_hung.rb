# frozen_string_literal: true

module YellowTrack
  module Drawing
    class Elevation
      # Panels that hang on the wall and cover the opening from outside.
      class WallHung < Elevation
        RAIL = 60 # mm shown above the rail's line

        private

        # Room for the panels wherever they go.
        def span
          travels = @set.panels.map(&:travel)
          [[travels.map(&:first).min, rail_start].min,
            [travels.map(&:last).max + @set.width, rail_start + @set.track.length].max]
        end

        def rail_start = @set.track.start

        def opening_right = @plan.figures.greatest_width

        def top = @set.track.mount_height + RAIL

        def draw
          faces
          edge = @plan.sizing.jambs.map { |jamb| x(jamb) }
          head = y(@plan.figures.head_high)
          @pen.polyline([[edge[0], y(0)], [edge[0], head], [edge[1], head], [edge[1], y(0)]], "hidden")
          rail(rail_start, @set.track.mount_height)
          hangers(@set.track.mount_height)
          studs
          guides(@set.guides.places)
        end

        # Studs behind, and the rail's holes that meet them.
        def studs
          (@plan.survey["wall.studs"] || []).each do |stud|
            @pen.line([x(stud), above], [x(stud), y(@plan.figures.head_high)], "hidden")
          end
        end
      end
    end
  end
end
