# frozen_string_literal: true

module YellowTrack
  module Drawing
    # The opening in its wall, from the room: its true shape with the tape lines in it, and around it places for what
    # is read of the wall. Readings and facts are typed over the picture; #places says where.
    class InItsWall < Shape
      HEIGHT = 560
      BOX = [190, 108, 360, 396].freeze
      CEILING = 8 # screen units
      # Where each fact stands, screen units: over the opening, at its sides, at its feet.
      FACTS = {"wall.studs" => [92, 56], "above" => [262, 56], "head.of" => [478, 56], "wall.bears_load" => [648, 56],
               "beside.left" => [92, 382], "beside.right" => [648, 382],
               "wall.projection" => [92, 460], "wall.services" => [648, 460]}.freeze

      # Where each reading and each fact is typed, per cent of the picture.
      def places
        @all_places ||= super.merge(FACTS.transform_values { |x, y|
          [(100.0 * x / WIDTH).round, (100.0 * y / HEIGHT).round]
        })
      end

      # Draws it with its pen.
      def paint
        floor = BOX[1] + BOX[3]
        pen.rect([0, CEILING], [WIDTH, floor - CEILING], "wall")
        super
        pen.line([0, floor], [WIDTH, floor], "cut")
      end
    end
  end
end
