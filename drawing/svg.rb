# frozen_string_literal: true

require "cgi/escape"

module YellowTrack
  module Drawing
    # Writes one SVG picture. Colours and line weights are classes, so that
    # screen, print and dark ground each have their own; the drawing itself
    # carries no style.
    class SVG
      # @param width [Numeric] of the picture, in screen units
      # @param height [Numeric]
      # @param title [String] what is drawn
      # @param description [String] its numbers in words
      # @param name [String] what its parts' ids begin with
      # @param style [String, nil] a style sheet that it carries
      # @param sized [Boolean] as large as its units, whatever room there is
      # @param role ["img", "group"] a group where parts of it can be taken hold of
      def initialize(width, height, title:, description:, name:, style: nil, sized: false, role: "img")
        @width = width
        @height = height
        @title = title
        @description = description
        @name = name
        @style = style
        @sized = sized
        @role = role
        @parts = []
        @smallest = nil # screen units, of its text
      end

      # A line. @param css [String] its role
      def line(from, to, css, **rest)
        add("line", x1: from[0], y1: from[1], x2: to[0], y2: to[1], class: css, **rest)
      end

      # @param corner [Array] top left
      # @param size [Array] width and height; a side under nothing is nothing
      def rect(corner, size, css, **rest)
        add("rect", x: corner[0], y: corner[1], width: [size[0], 0].max, height: [size[1], 0].max, class: css, **rest)
      end

      # A circle.
      def circle(centre, radius, css) = add("circle", cx: centre[0], cy: centre[1], r: radius, class: css)

      # A closed shape.
      def polygon(points, css) = add("polygon", points: list(points), class: css)

      # An open one.
      def polyline(points, css) = add("polyline", points: list(points), class: css)

      # @param anchor ["start", "middle", "end"]
      # @param turn [Numeric] degrees, about its own place
      def text(at, words, css, anchor: "middle", turn: 0)
        @smallest = [@smallest, Lines.of(css).size || Lines::PLAIN.size].compact.min
        turned = turn.zero? ? {} : {transform: "rotate(#{number(turn)} #{number(at[0])} #{number(at[1])})"}
        add("text", words, x: at[0], y: at[1], class: css, "text-anchor": anchor, **turned)
      end

      # Groups what the block draws.
      def group(css, **attributes)
        @parts << "<g#{written(class: css, **attributes)}>"
        yield
        @parts << "</g>"
      end

      # Draws the place of a number: where the number is taken in hand, it is drawn heavy.
      #
      # @param keys [Array<String>] of the ledger, its own first
      def place(*keys, css: "its-place", &draw) = group(css, "data-place": keys.join(" "), &draw)

      # What the block draws leads to a page when it is pressed.
      #
      # @param says [String] what a press does
      def link(href, says)
        @parts << "<a#{written(href:)}><title>#{CGI.escapeHTML(says)}</title>"
        yield
        @parts << "</a>"
      end

      # @return [String] the picture, with its text alternative
      def to_s
        ids = ["#{@name}-title", "#{@name}-description"]
        size = @sized ? {width: @width, height: @height} : {}
        about = written(viewBox: "0 0 #{number(@width)} #{number(@height)}", role: @role, class: css,
          "aria-labelledby": ids.join(" "), **size)
        "<svg xmlns=\"http://www.w3.org/2000/svg\"#{about}>#{told("title", ids[0], @title)}" \
          "#{told("desc", ids[1], @description)}#{"<style>#{@style}</style>" if @style}#{@parts.join}</svg>"
      end

      private

      # A drawing as wide as its room is not made narrower than its text can be read.
      def css = (@smallest && !@sized) ? "drawing least-#{Lines.least_width(@width, @smallest)}" : "drawing"

      # What a reader hears of the drawing.
      def told(tag, id, words) = "<#{tag} id=\"#{id}\">#{CGI.escapeHTML(words)}</#{tag}>"

      # Writes a tag; what is nil is left out of it.
      def add(tag, words = nil, **attributes)
        @parts << (words ? "<#{tag}#{written(attributes)}>#{CGI.escapeHTML(words.to_s)}</#{tag}>" :
          "<#{tag}#{written(attributes)}/>")
      end

      # Escaped all of it: names of openings are typed by people.
      def written(attributes)
        attributes.each_with_object(+"") do |(key, value), text|
          text << " " << key.name << "=\"" << (value.is_a?(Numeric) ? number(value) :
            CGI.escapeHTML(value.to_s)) << "\""
        end
      end

      # Points as SVG has them.
      def list(points) = points.map { |x, y| "#{number(x)},#{number(y)}" }.join(" ")

      # Hundredths of a screen unit are enough, and never "-0.0".
      def number(value)
        return value.to_s if value.is_a?(Integer)

        short = value.to_f.round(2)
        (short == short.to_i) ? short.to_i.to_s : short.to_s
      end
    end
  end
end
