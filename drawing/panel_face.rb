# frozen_string_literal: true

module YellowTrack
  module Drawing
    # A panel as it lies on the bench, seen from the face that is drilled, with
    # everything on it; running dimensions from the datum edge.
    class PanelFace
      WIDTH = 340
      HEIGHT = 560
      BOX = [70, 60, 200, 420].freeze
      MARK = 4

      # @param drilling [Drilling]
      # @param printer [Length::Printer]
      # @param code [String] of the panel
      def initialize(drilling, printer, code:)
        @drilling = drilling
        @panel = drilling.panel
        @printer = printer
        @code = code
        @frame = Frame.new(@panel.width, @panel.height, BOX)
      end

      # @return [String] SVG
      def to_s
        @svg = SVG.new(WIDTH, HEIGHT, title: "Panel #{@code}, drilled", description:, name: "face-#{@code.downcase}")
        face
        @drilling.grooves.each { |groove| @svg.line(@frame.at(groove.from, groove.depth), @frame.at(groove.to, groove.depth), "hidden") }
        @drilling.holes.each { |hole| mark(hole) }
        running
        @svg.to_s
      end

      private

      def say(mm) = @printer.short(mm)

      def description
        "#{say(@panel.width)} × #{say(@panel.height)}, from the #{@drilling.datum} edge: " + @drilling.holes.map do |hole|
          "#{hole.for} in the #{hole.edge} at #{say(hole.x)}#{", #{say(hole.y)} up" if hole.y}"
        end.join("; ") + "."
      end

      def face
        @svg.rect(@frame.at(0, @panel.height), [@frame.length(@panel.width), @frame.length(@panel.height)], "face")
        @svg.line(@frame.at(0, 0), @frame.at(0, @panel.height), "datum")
        @svg.text(@frame.at(@panel.width / 2, @panel.height / 2), @panel.name, "letter")
      end

      def mark(hole)
        x, y = @frame.at(hole.x, height_of(hole))
        @svg.line([x - MARK, y], [x + MARK, y], "seen")
        @svg.line([x, y - MARK], [x, y + MARK], "seen")
        @svg.circle([x, y], [@frame.length(hole.diameter || 0) / 2, MARK].max, "hole")
        @svg.text([x + ((hole.x * 2 > @panel.width) ? -10 : 10), y + 4], say(hole.y), "figure", anchor: (hole.x * 2 > @panel.width) ? "end" : "start") if hole.y
      end

      def height_of(hole)
        return hole.y if hole.y

        (hole.edge == "top") ? @panel.height : 0
      end

      # Above the top edge and under the bottom edge: from the datum corner.
      def running
        dimension = Dimension.new(@svg)
        {"top" => [@frame.y(@panel.height), -16], "bottom" => [@frame.y(0), 26]}.each do |edge, (feet, step)|
          places = @drilling.holes.select { |hole| hole.edge == edge }.map(&:x).uniq
          places.each_with_index { |x, row| dimension.across(@frame.x(0), @frame.x(x), feet + step * (row + 1) + ((step < 0) ? 0 : 2), say(x), feet:) }
        end
        dimension.across(@frame.x(0), @frame.x(@panel.width), HEIGHT - 8, say(@panel.width), feet: HEIGHT - 20)
        dimension.upright(@frame.y(@panel.height), @frame.y(0), BOX[0] - 30 + (@frame.x(0) - BOX[0]), say(@panel.height), feet: @frame.x(0) - 4)
      end
    end
  end
end
