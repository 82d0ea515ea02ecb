# frozen_string_literal: true

module YellowTrack
  module Drawing
    # A set as others hung it, to no scale: what carries it, its panels, the one that is meant a little
    # out of true, a pocket's leaf half in its pocket. Places of it are pressed where it troubles.
    # Made up, of no door that there is: it stands where somebody says which leaf hangs badly, and has as many leaves,
    # carried as they are.
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
      # @param leaf [Integer, nil] the one that is meant, from the left; nil for the last
      # @param has [Array<String>] things of the set that are there: what is drawn of them is "infill", "damper" and
      #   "half_jamb"
      def initialize(manner, panels, leaf: nil, has: [])
        @has = has
        @manner, @panels = manner, panels.clamp(1, 4)
        @leaf = (leaf || @panels).clamp(1, @panels)
      end

      # What stands in the window's own line.
      def title = "A set that hangs so"

      # What it is called in the page; one of each stands there.
      def id = "hung"

      # Draws it with its pen.
      def paint
        wall
        pocket if @manner.pockets?
        faces
        carried
        things
        pen.line([16, FLOOR], [WIDTH - 16, FLOOR], "cut")
      end

      private

      # Wall around an opening, and the floor.
      def wall
        pen.polygon([[24, FLOOR], [24, 30], [WIDTH - 24, 30], [WIDTH - 24, FLOOR], [RIGHT, FLOOR], [RIGHT, HEAD],
          [LEFT, HEAD], [LEFT, FLOOR]], "wall")
      end

      # Leaves share the width alike.
      def each_wide = (RIGHT - LEFT) / @panels.to_f

      # What a leaf slides into, dashed: at the left, of two leaves at either side.
      def pocket
        [LEFT, *(RIGHT if @panels > 1)].each do |jamb|
          pen.rect([(jamb == LEFT) ? 2 : RIGHT, HEAD + 6], [LEFT - 2, FLOOR - HEAD - 12], "others")
        end
      end

      # How far a pocket's leaf stands in its pocket.
      def inside(place)
        return 0 unless @manner.pockets?

        (place.zero? ? -1 : 1) * LEFT / 2
      end

      # The one that is meant hangs out of true.
      def faces
        @panels.times do |place|
          left = LEFT + each_wide * place + inside(place)
          lean = (place == @leaf - 1) ? 7 : 0
          corners = [[left + lean, HEAD + 14], [left + each_wide + lean, HEAD + 14 + lean / 2],
            [left + each_wide - 2, FLOOR - 6 - lean / 2], [left, FLOOR - 8]]
          pen.polygon(corners, place.even? ? "face" : "face lane-2")
        end
      end

      # What carries it, where it carries: over the leaves, under them, or on the wall.
      def carried
        height, past = CARRIED.fetch(@manner.carried)
        pen.rect([LEFT - past, height], [RIGHT - LEFT + 2 * past, 8], "runs")
        (@panels * 2).times do |place|
          pen.circle([LEFT + each_wide * (place / 2) + each_wide * (place.even? ? 0.22 : 0.78), height + 4], 6, "runs")
        end
      end

      # Glass by its glints in the leaf that is meant, a soft close on what carries it, a half jamb at its jamb.
      def things
        left = LEFT + each_wide * (@leaf - 1)
        glass(left) if @has.include?("infill")
        pen.rect([RIGHT - 70, CARRIED.fetch(@manner.carried).first - 14], [46, 10], "bay") if @has.include?("damper")
        pen.rect([RIGHT - 10, HEAD + 10], [10, FLOOR - HEAD - 10], "bay") if @has.include?("half_jamb")
      end

      # Two glints say glass, as a pencil would.
      def glass(left)
        3.times do |place|
          from = [left + each_wide * 0.3 + place * 12, HEAD + 150 + place * 8]
          pen.line(from, [from[0] + 34, from[1] - 54], "thin")
        end
      end

      # How many leaves, and which of them is meant.
      def description
        "#{Count.told(@panels, "panels")}, #{@manner.key}; number #{@leaf} from the left is out of true."
      end
    end
  end
end
