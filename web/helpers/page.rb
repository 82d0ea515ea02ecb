# frozen_string_literal: true

module YellowTrack
  module Web
    module Helpers
      # Pieces of pages.
      module Page
        MARKS = {"stop" => "stop", "watch" => "watch", "note" => "note"}.freeze

        TEMPLATES = Hash.new do |made, name|
          made[name] = Tilt::ErubiTemplate.new("#{ROOT}/web/views/#{name}.erb", escape_html: true)
        end

        # A piece of a page. A page has dozens, so they skip the lookups that
        # a whole page goes through.
        def partial(name, **locals) = TEMPLATES[name].render(self, locals)

        def token = @token ||= Rack::Protection::AuthenticityToken.token(session)

        def token_field = "<input type=\"hidden\" name=\"authenticity_token\" value=\"#{token}\">"

        # A piece of the page that is renewed in its place after a change.
        # @return [String] HTML attributes
        def live(id) = "id=\"#{id}\"#{' hx-swap-oob="true"' if @renewed}"

        # A check's mark: its shape and its word. @return [String] HTML
        def mark(level, word: true)
          return "" unless level

          name = MARKS.fetch(level.to_s)
          "<span class=\"mark mark-#{name}\" aria-hidden=\"true\"></span>" \
            "<span class=\"#{word ? "mark-word mark-word-#{name}" : "visually-hidden"}\">#{name}</span>"
        end

        # A field's row, with the draft kept for it.
        def field(key, **locals) = partial(:"parts/field", field: Fields[key], **locals)

        def drafts = @drafts ||= book.drafts.of(@row.id)

        # What a field shows: what was typed last, else what is saved.
        def field_texts(field)
          draft = drafts[field.key]
          draft ? field.texts(draft.typed) : field.texts(@row.document[field.key])
        end

        def unit = @work.shown.to_s

        # Phones: digits for millimetres; inches need marks and spaces.
        def keyboard = (@work.opening.units == :mm) ? "decimal" : "text"

        def title = @title ? "#{@title} · Yellow Track" : "Yellow Track"
      end
    end
  end
end
