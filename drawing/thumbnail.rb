# frozen_string_literal: true

module YellowTrack
  module Drawing
    # One opening small, to a scale shared by all on the wall: the opening, and
    # the set in it where one is worked out. It is drawn from its outline, which
    # a list can keep, so that no list has to work out a plan.
    class Thumbnail < Picture
      SCALE = 0.07 # screen units a millimetre
      EDGE = 6
      UNKNOWN = [900, 2100].freeze # mm drawn while nothing is read
      LEAST = 40 # screen units, so that a slip can still be pressed
      MOST = 320

      # @return [String] what the picture's ids begin with, and what it shows
      attr_reader :id, :title

      # @param outline [Hash] "sides", "panels" (left edge, height, width, lane and
      #   name), "kit"; mm
      # @param id [String] what the picture's ids begin with
      # @param title [String]
      def initialize(outline, id:, title:)
        @outline, @id, @title = outline, id, title
      end

      # Picture's width and height, screen units.
      def size = [wide + 2 * EDGE, high + EDGE]

      # Draws it with its pen.
      def paint
        pen.polygon([[0, high + EDGE], [0, 0], [wide + 2 * EDGE, 0], [wide + 2 * EDGE, high + EDGE],
          [wide + EDGE, high + EDGE],
          [wide + EDGE, EDGE], [EDGE, EDGE], [EDGE, high + EDGE]], "wall")
        @outline.fetch("panels").each do |left, height, width, lane, _|
          tall = (height * SCALE).clamp(0, high - 1)
          pen.rect([EDGE + left * SCALE, EDGE + high - tall - 1], [width * SCALE, tall], "face lane-#{lane}")
        end
        pen.rect([EDGE, EDGE], [wide, 3], "runs") if @outline["kit"]
      end

      private

      # Of the opening, mm.
      def wide = sides.first

      def high = sides.last

      # An opening's own proportions; a usual one's, where it is not measured.
      def sides
        @sides ||= @outline.fetch("sides").zip(UNKNOWN).map do |read, unknown|
          ((read || unknown) * SCALE).clamp(LEAST, MOST).round
        end
      end

      def description
        return "Nothing worked out yet." unless @outline["kit"]

        "#{@outline["kit"]}, panels #{@outline.fetch("panels").map(&:last).sort.join(", ")}."
      end
    end
  end
end
