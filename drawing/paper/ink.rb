# frozen_string_literal: true

require "cgi/escape"

module YellowTrack
  module Drawing
    module Paper
      # Puts a screen's drawing on paper: the few shapes that our pictures are
      # made of, each class in the weight that it has on screen, black on white
      # and the track yellow.
      class Ink
        Style = Struct.new(:line, :fill, :dash, :size, :bold, keyword_init: true)

        PLAIN = Style.new(line: 0.6)
        STYLES = {
          "wall" => Style.new(line: 0.6, fill: "E8E8E8"), "strip" => Style.new(line: 0.6, fill: "E8E8E8"), "face" => Style.new(line: 1.0, fill: "FFFFFF"),
          "runs" => Style.new(line: 0.6, fill: "F2B600"), "track" => Style.new(line: 0.6, fill: "F2B600"), "cut" => Style.new(line: 1.0), "true-shape" => Style.new(line: 1.0),
          "datum" => Style.new(line: 2.4), "hidden" => Style.new(line: 0.4, dash: 3), "tape" => Style.new(line: 0.4, dash: 3), "level-shape" => Style.new(line: 0.4, dash: 3),
          "dimension" => Style.new(line: 0.3), "extension" => Style.new(line: 0.3), "tick" => Style.new(line: 0.6), "bay" => Style.new(line: 0.6),
          "hole" => Style.new(line: 0.6, fill: "FFFFFF"), "figure" => Style.new(size: 14, bold: true), "letter" => Style.new(size: 28, bold: true),
          "plan-letter" => Style.new(size: 14, bold: true), "quiet" => Style.new(size: 12), "bay-word" => Style.new(size: 12)
        }.freeze

        SHAPE = %r{<(line|rect|circle|polygon|polyline|text)\b([^>]*?)(?:/>|>([^<]*)</text>)}
        INK = "1D2B2E"

        # @param pdf [Prawn::Document]
        # @param picture [String] SVG as our drawings write it
        def initialize(pdf, picture)
          @pdf = pdf
          @picture = picture
          @size = picture[/viewBox="0 0 ([\d. ]+)"/, 1].split.map(&:to_f)
        end

        # Puts it into a box.
        #
        # @param at [Array] left and top, points
        # @param width [Numeric] that it may take at most
        # @param height [Numeric, nil] that it may take at most
        def put(at:, width:, height: nil)
          @left, @top = at
          @scale = [width / @size[0], height ? height / @size[1] : Float::INFINITY].min
          @picture.scan(SHAPE) { |tag, attributes, words| shape(tag, attributes.scan(/([\w:-]+)="([^"]*)"/).to_h, words) }
        end

        private

        def x(value) = @left + value.to_f * @scale

        def y(value) = @top - value.to_f * @scale

        def shape(tag, given, words)
          style = STYLES.fetch(given["class"].to_s.split.first, PLAIN)
          return text(given, CGI.unescapeHTML(words), style) if tag == "text"

          @pdf.line_width = style.line || PLAIN.line
          @pdf.fill_color = style.fill if style.fill
          @pdf.dash(style.dash) if style.dash
          draw(tag, given, style)
          @pdf.undash
          @pdf.fill_color = INK
        end

        def draw(tag, given, style)
          case tag
          when "line" then @pdf.stroke_line([x(given["x1"]), y(given["y1"])], [x(given["x2"]), y(given["y2"])])
          when "rect" then paint(style) { @pdf.rectangle([x(given["x"]), y(given["y"])], given["width"].to_f * @scale, given["height"].to_f * @scale) }
          when "circle" then paint(style) { @pdf.circle([x(given["cx"]), y(given["cy"])], given["r"].to_f * @scale) }
          when "polygon" then paint(style) { @pdf.polygon(*points(given)) }
          when "polyline" then points(given).each_cons(2) { |from, to| @pdf.stroke_line(from, to) }
          end
        end

        def paint(style, &) = style.fill ? @pdf.fill_and_stroke(&) : @pdf.stroke(&)

        def points(given) = given["points"].split.map { |point| point.split(",").then { |across, down| [x(across), y(down)] } }

        def text(given, words, style)
          size = (style.size || 14) * @scale
          @pdf.font("Barlow", style: style.bold ? :bold : :normal, size:) do
            wide = @pdf.width_of(words)
            at = [x(given["x"]), y(given["y"])]
            turn = given["transform"].to_s[/rotate\((-?[\d.]+)/, 1].to_f
            left = {"middle" => wide / 2, "end" => wide}.fetch(given["text-anchor"], 0)
            turn.zero? ? @pdf.draw_text(words, at: [at[0] - left, at[1]]) : @pdf.rotate(-turn, origin: at) { @pdf.draw_text(words, at: [at[0] - left, at[1]]) }
          end
        end
      end
    end
  end
end
