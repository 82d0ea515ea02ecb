# frozen_string_literal: true

module YellowTrack
  module Drawing
    class Elevation
      # Panels that hang on the wall and cover the opening from outside.
      # The panels cover the opening, so that the opening behind is dashed, and so are studs and the board that
      # carries the rail.
      class WallHung < Elevation
        RAIL = 60 # mm shown above the rail's line

        # Room for the panels wherever they go.
        def self.shown(plan)
          set = plan.set
          [[*set.panels.map { |panel| panel.travel.first }, set.track.start].min,
            [*set.panels.map { |panel| panel.travel.last + set.width }, set.track.finish].max]
        end

        # Its rail.
        def hung_from = y(@set.track.mount_height)

        private

        # The rail is longer than the opening at both sides.
        def rail_start = @set.track.start

        def opening_right = @plan.figures.greatest_width

        # A little wall over the rail is shown, or it would be the picture's edge.
        def top = @set.track.mount_height + RAIL

        # From the back to the front: the rail has to lie over the board that it is screwed to.
        def draw
          faces
          edge = @plan.sizing.jambs.map { |jamb| x(jamb) }
          pen.polyline([[edge[0], floor], [edge[0], head], [edge[1], head], [edge[1], floor]], "hidden")
          header_board
          rail(rail_start, @set.track.mount_height)
          hangers(@set.track.mount_height)
          studs
          guides(@set.guides.places)
        end

        # Only where the plan has one: into studs that stand right the rail goes by itself.
        def header_board
          return unless @set.wall.board_length

          high = @spread.length(@set.wall.board_size("height"))
          pen.place("wall.header.length") do
            pen.rect([x(rail_start), y(@set.track.mount_height) - high / 2],
              [@spread.length(@set.wall.board_length), high], "hidden")
          end
        end

        # Studs behind, and the rail's holes that meet them.
        def studs
          (@plan.survey["wall.studs"] || []).each do |stud|
            pen.line([x(stud), above], [x(stud), head], "hidden")
          end
        end
      end
    end
  end
end
