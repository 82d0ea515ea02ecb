# frozen_string_literal: true

module YellowTrack
  module Drawing
    # A set as others hung it, to no scale: what carries it, its panels, one a little
    # out of true. Places of it are pressed where it troubles.
    class Hung < Picture
      WIDTH = 380
      HEIGHT = 500
      HEAD = 70
      FLOOR = 460
      LEFT = 60
      RIGHT = 320

      # @param family [String] what carries it
      # @param panels [Integer]
      def initialize(family, panels)
        @family, @panels = family, panels.clamp(1, 4)
      end

      def title = "A set that hangs so"

      def id = "hung"

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
        below = @family == "bottom-rolling"
        height = below ? FLOOR - 8 : HEAD + (wall_hung? ? -14 : 2)
        @pen.rect([wall_hung? ? LEFT - 26 : LEFT, height], [RIGHT - LEFT + (wall_hung? ? 52 : 0), 8], "runs")
        (@panels * 2).times do |place|
          @pen.circle([LEFT + each_wide * (place / 2) + each_wide * (place.even? ? 0.22 : 0.78), height + 4], 6, "runs")
        end
      end

      def wall_hung? = @family == "wall-hung"

      def description = "#{@panels} panels, #{@family}; the last is out of true."
    end
  end
end
