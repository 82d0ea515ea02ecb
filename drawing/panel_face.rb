# frozen_string_literal: true

module YellowTrack
  module Drawing
    # A panel as it lies on the bench, seen from the face that is drilled, with
    # everything on it; running dimensions from the datum edge.
    # A panel from the side that it is drilled from. Every place is told from one corner, the datum: who measures from
    # two ends adds up two faults.
    class PanelFace < Picture
      WIDTH = 340
      HEIGHT = 560
      AROUND = [70, 60, 200, 140].freeze # the panel's box: left, top, width, and what is left of the height
      MARK = 4
      LAID = 60 # mm that the edge of a plate is drawn
      LETTERED = 3/4r # of its height, clear of what is bored at a hand's height
      NAMED = 14 # screen units from an edge to its name

      # @param drilling [Drilling] of one of its faces
      # @param printer [Length::Printer]
      # @param code [String] of the panel
      # @param high [Integer] screen units of the whole
      def initialize(drilling, printer, code:, high: HEIGHT)
        @high = high
        @drilling = drilling
        @panel = drilling.panel
        super(printer)
        @code = code
        @frame = Frame.new(@panel.width, @panel.height, [*AROUND.first(3), high - AROUND.last])
      end

      # Width and height, screen units.
      def size = [WIDTH, @high]

      # What stands in the window's own line.
      def title = "Panel #{@code}, drilled"

      # What it is called in the page; one of each stands there.
      def id = "face-#{@code.downcase}"

      # Draws it with its pen.
      def paint
        face
        @drilling.grooves.each do |groove|
          pen.line(at(groove.from, groove.depth), at(groove.to, groove.depth), "hidden")
        end
        @drilling.holes.each { |hole| mark(hole) }
        running
      end

      private

      # Each hole with where it is, from the datum corner.
      def description
        "#{say(@panel.width)} × #{say(@panel.height)}, seen from the #{@drilling.face}, from the #{@drilling.datum}: " +
          @drilling.holes.map do |hole|
            "#{hole.for} in the #{hole.edge} at #{say(hole.x)}#{", #{say(hole.y)} up" if hole.y}"
          end.join("; ") + "."
      end

      # The panel's outline, broken nowhere: a hole is as far down as it looks.
      def face
        pen.rect(@frame.at(0, @panel.height), [@frame.length(@panel.width), @frame.length(@panel.height)], "face")
        pen.line(at(0, 0), at(0, @panel.height), "datum")
        pen.text(@frame.at(@panel.width / 2, @panel.height * LETTERED), @panel.name, "letter")
        names
      end

      # Both edges by their names, turned to read along them.
      def names
        x = [@frame.x(0) + NAMED, @frame.x(@panel.width) - NAMED]
        @drilling.edges.zip(x) do |edge, place|
          pen.text([place, @frame.y(@panel.height / 4)], edge, "quiet", turn: -90)
        end
      end

      # A place from the datum edge, wherever that is in the view.
      def at(x, y) = @frame.at(@drilling.datum_at_left? ? x : @panel.width - x, y)

      # A line that something is laid to is drawn as one.
      def mark(hole)
        unless drilled?(hole)
          return pen.line(at(hole.x, height_of(hole) - LAID), at(hole.x, height_of(hole)),
            "hidden")
        end

        x, y = at(hole.x, height_of(hole))
        right = x * 2 > @frame.x(0) + @frame.x(@panel.width)
        pen.line([x - MARK, y], [x + MARK, y], "seen")
        pen.line([x, y - MARK], [x, y + MARK], "seen")
        pen.circle([x, y], [@frame.length(hole.diameter || 0) / 2, MARK].max, "hole")
        pen.text([x + (right ? -10 : 10), y + 4], say(hole.y), "figure", anchor: right ? "end" : "start") if hole.y
      end

      # A mark alone is laid to and not drilled.
      def drilled?(hole) = hole.pilot || hole.diameter

      # As high as it stands, or so that its words are clear of what is bored at a hand's height.
      def height_of(hole)
        return hole.y if hole.y

        (hole.edge == "top") ? @panel.height : 0
      end

      # Above the top edge and under the bottom edge: from the datum corner.
      def running
        dimension = Dimension.new(pen)
        {"top" => [@frame.y(@panel.height), -16], "bottom" => [@frame.y(0), 26]}.each do |edge, (feet, step)|
          places = @drilling.holes.select { |hole| hole.edge == edge && drilled?(hole) }.map(&:x).uniq
          places.each_with_index do |x, row|
            dimension.across(at(0, 0)[0], at(x, 0)[0], feet + step * (row + 1) + ((step < 0) ? 0 : 2), figure: say(x),
              feet:)
          end
        end
        dimension.across(@frame.x(0), @frame.x(@panel.width), @high - 8, figure: say(@panel.width), feet: @high - 20)
        dimension.upright(@frame.y(@panel.height), @frame.y(0), @frame.x(0) - 30,
          figure: say(@panel.height), feet: @frame.x(0) - 4)
      end
    end
  end
end
