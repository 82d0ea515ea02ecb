# frozen_string_literal: true

module YellowTrack
  module Web
    module Words
      # Words of the trade: all of them, or one by itself.
      class Screen < Web::Screen
        # The template that it is drawn with.
        def template = "words/page"

        # What stands in the window's own line.
        def title = "Words of the trade"

        # @return [Array<Files::Words::Word>]
        def all = YellowTrack::Files::Words.all

        # How a word is drawn.
        def drawing(word) = Drawing::WordPicture.new(word)
      end
    end
  end
end
