# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # Words of the trade: all of them, one by itself, and the forms that pages look for.
      module Words
        # Its routes, and what they share.
        def self.registered(app)
          app.reads("/words") { show Web::Words::Screen.new(book, **asked) }
          app.reads("/words.json") { give_forms }
          app.reads(%r{/words/([a-z-]{1,30})}) { |key| show_word(YellowTrack::Files::Words.find(key) || halt(404)) }
          app.helpers(Saying)
        end

        # What the routes do.
        module Saying
          # Every form with its word: what a page's script looks for.
          def give_forms
            content_type :json
            cache_control(:private, max_age: 3600)
            JSON.generate(YellowTrack::Files::Words.forms)
          end

          # A word by itself; opened as a page it stands among the others.
          def show_word(word)
            return redirect(Paths.words(word.key)) unless htmx?

            view.partial("words/word", word:, drawing: Drawing::WordPicture.new(word))
          end
        end
      end
    end
  end
end
