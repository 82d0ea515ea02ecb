# frozen_string_literal: true

module YellowTrack
  module Drawing
    # A picture as a file of its own: what the page's style sheet gives it on
    # screen is carried along, black on white.
    class Saved
      STYLE = <<~CSS.gsub(/\s+/, " ").strip.freeze
        text { font-family: sans-serif; font-size: 14px; fill: #000; }
        .wall, .strip { fill: #e8e8e8; stroke: #000; stroke-width: .9px; }
        .face { fill: #fff; stroke: #000; stroke-width: 1.6px; } .lane-2 .face, .lane-3 .face { fill: #f2f2f2; }
        .runs { fill: #f2b600; stroke: #000; stroke-width: .9px; } .runs-line { stroke: #f2b600; stroke-width: 4px; }
        .cut, .true-shape { fill: none; stroke: #000; stroke-width: 1.6px; } .seen { fill: none; stroke: #000; stroke-width: .9px; }
        .hidden, .tape, .level-shape { fill: none; stroke: #000; stroke-width: .6px; stroke-dasharray: 5 3; }
        .dimension, .extension { stroke: #000; stroke-width: .5px; } .tick { stroke: #000; stroke-width: 1px; }
        .figure { font-weight: bold; } .letter { font-size: 28px; font-weight: bold; } .quiet, .bay-word { font-size: 12px; }
        .bay { fill: none; stroke: #000; stroke-width: .9px; } .bay.clear { fill: #d9e8df; } .suspect { stroke-width: 2px; stroke-dasharray: none; }
      CSS

      # @param picture [String] SVG as a page holds it
      def initialize(picture)
        @picture = picture
      end

      # @return [String] SVG
      def to_s = %(<?xml version="1.0" encoding="UTF-8"?>\n#{@picture.sub("</desc>", "</desc><style>#{STYLE}</style>")}\n)
    end
  end
end
