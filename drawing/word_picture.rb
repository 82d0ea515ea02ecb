# frozen_string_literal: true

module YellowTrack
  module Drawing
    # A word of the trade as a small drawing: strokes that its entry lists, not to scale.
    class WordPicture < Picture
      WIDTH = 240
      HEIGHT = 120

      # @param word [Files::Words::Word]
      def initialize(word)
        @word = word
      end

      # What stands in the window's own line.
      def title = "#{@word.word}, drawn"

      # What it is called in the page; one of each stands there.
      def id = "word-#{@word.key}"

      # Draws it with its pen.
      def paint
        @word.drawn.each do |stroke|
          case stroke.first
          in "r", [left, top, wide, high, role] then pen.rect([left, top], [wide, high], role)
          in "l", [x, y, to_x, to_y, role] then pen.line([x, y], [to_x, to_y], role)
          in "c", [x, y, radius, role] then pen.circle([x, y], radius, role)
          in "p", [points, role] then pen.polygon(points.each_slice(2).to_a, role)
          in "t", [x, y, words] then pen.text([x, y], words, "figure")
          end
        end
      end

      private

      # The word's own sentence: the picture shows nothing else.
      def description = @word.says
    end
  end
end
