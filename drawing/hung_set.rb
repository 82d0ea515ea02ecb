# frozen_string_literal: true

module YellowTrack
  module Drawing
    # A set as others hung it, to no scale: what carries it, its panels, one a little
    # out of true. Places of it are pressed where it troubles.
    class HungSet < Picture
      WIDTH = 380
      HEIGHT = 500
      HEAD = 70
      FLOOR = 460
      LEFT = 60
      RIGHT = 320

      # What carries it, screen units from the top, and how far past the opening.
      CARRIED = {head: [HEAD + 2, 0], floor: [FLOOR - 8, 0], wall: [HEAD - 14, 26]}.freeze

      # @param manner [Manner]
      # @param panels [Integer]
      def initialize(manner, panels)
        @manner, @panels = manner, panels.clamp(1, 4)
      end

      # What stands in the window's own line.
      def title = "A set that hangs so"

      # What it is called in the page; one of each stands there.
      def id = "hung"

      # Draws it with its pen.
      def paint
        wall
        faces
        carried
        @pen.line([16, FLOOR], [WIDTH - 16, FLOOR], "cut")
      end

      private

      def wall
        @pen.polygon([[24, FLOOR], [24, 30], [WIDTH - 24, 30], [WIDTH - 24, FLOOR], [RIGHT, FLOOR], [RIGHT, HEAD],
          [LEFT, HEAD], [LEFT, FLOOR]], "wall")
      end

      def each_wide = (RIGHT - LEFT) / @panels.to_f

      # The last hangs out of true.
      def faces
        @panels.times do |place|
          left = LEFT + each_wide * place
          lean = (place == @panels - 1) ? 7 : 0
          corners = [[left + lean, HEAD + 14], [left + each_wide + lean, HEAD + 14 + lean / 2],
            [left + each_wide - 2, FLOOR - 6 - lean / 2], [left, FLOOR - 8]]
          @pen.polygon(corners, place.even? ? "face" : "face lane-2")
        end
      end

      def carried
        height, past = CARRIED.fetch(@manner.carried)
        @pen.rect([LEFT - past, height], [RIGHT - LEFT + 2 * past, 8], "runs")
        (@panels * 2).times do |place|
          @pen.circle([LEFT + each_wide * (place / 2) + each_wide * (place.even? ? 0.22 : 0.78), height + 4], 6, "runs")
        end
      end

      def description = "#{@panels} panels, #{@manner.key}; the last is out of true."
    end
  end
end
