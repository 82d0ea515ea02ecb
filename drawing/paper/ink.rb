# frozen_string_literal: true

module YellowTrack
  module Drawing
    module Paper
      # The pen that puts a picture on paper: the few shapes that pictures are
      # made of, each class as Lines has it, black on white and the track yellow.
      class Ink
        POINTS = 0.64 # of line to a screen unit of it

        # @param pdf [Prawn::Document]
        def initialize(pdf)
          @pdf = pdf
        end

        # Puts a picture into a box.
        #
        # @param picture [Picture]
        # @param at [Array] left and top, points
        # @param width [Numeric] that it may take at most
        # @param height [Numeric, nil] that it may take at most
        def put(picture, at:, width:, height: nil)
          @left, @top = at
          @scale = [width.fdiv(picture.size[0]), height ? height.fdiv(picture.size[1]) : Float::INFINITY].min
          picture.on(self)
        end

        # A line. @param css [String] its role
        def line(from, to, css, **) = stroke(css) { @pdf.stroke_line(point(from), point(to)) }

        # A rectangle, from its upper left corner.
        def rect(corner, size, css, **)
          wide, high = size.map { |side| [side.to_f, 0].max * @scale }
          paint(css) { @pdf.rectangle(point(corner), wide, high) }
        end

        # A circle.
        def circle(centre, radius, css) = paint(css) { @pdf.circle(point(centre), radius * @scale) }

        # A closed shape.
        def polygon(points, css) = paint(css) { @pdf.polygon(*points.map { |one| point(one) }) }

        # An open one.
        def polyline(points, css)
          stroke(css) { points.each_cons(2) { |from, to| @pdf.stroke_line(point(from), point(to)) } }
        end

        # Layers and panels are groups on screen only.
        def group(_css, **) = yield

        # Nothing is taken in hand on paper; what would be shown of it there is left out.
        def place(*, css: "its-place") = (css == "its-place") && yield

        # Words at a point, turned by degrees.
        def text(at, words, css, anchor: "middle", turn: 0)
          style, origin = Lines.of(css), point(at)
          @pdf.font("Barlow", style: style.bold ? :bold : :normal, size: (style.size || Lines::PLAIN.size) * @scale) do
            left = {"middle" => 0.5, "end" => 1}.fetch(anchor, 0) * @pdf.width_of(words.to_s)
            place = [origin[0] - left, origin[1]]
            turn.zero? ? @pdf.draw_text(words, at: place) :
              @pdf.rotate(-turn, origin:) { @pdf.draw_text(words, at: place) }
          end
        end

        private

        # A screen's point on paper, whose y runs up.
        def point((x, y)) = [@left + x.to_f * @scale, @top - y.to_f * @scale]

        # By its role: paper has its own, darker ones.
        def colour(role) = Lines::PAPER.fetch(role)

        # Weight and dashes of a line, by its name in the table of lines.
        def stroke(css)
          style = Lines.of(css)
          @pdf.line_width = (style.weight || Lines::PLAIN.weight) * POINTS
          @pdf.stroke_color = colour(style.ink)
          @pdf.dash(style.dash.map { |length| length * POINTS }) if style.dash
          yield style
          @pdf.undash
          @pdf.stroke_color = @pdf.fill_color = colour(:ink)
        end

        # A shape filled, stroked or both, as its name has it.
        def paint(css, &shape)
          stroke(css) do |style|
            next @pdf.stroke(&shape) unless style.fill

            @pdf.fill_color = colour(style.fill)
            style.weight.zero? ? @pdf.fill(&shape) : @pdf.fill_and_stroke(&shape)
          end
        end
      end
    end
  end
end
