# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # The log of an opening: shown, added to, corrected by new entries.
      module Log
        LONGEST = 2_000
        KEPT = {"cache-control" => "private, max-age=31536000, immutable", "x-content-type-options" => "nosniff"}.freeze

        # Its routes, and what they share.
        def self.registered(app)
          app.helpers(Adding)
          app.reads(%r{/openings/#{Asking::NUMBER}/log}o) { |id| show log_screen(find_opening(id)) }
          app.reads(%r{/openings/#{Asking::NUMBER}/log\.csv}o) { |id| give_log(find_opening(id)) }
          app.reads(%r{/pictures/#{Asking::NUMBER}(/small)?}o) { |id, small| give_picture(id, small) }
          app.takes(%r{/openings/#{Asking::NUMBER}/remarks}o, by: :office) do |id|
            add_to_log(find_opening(id)) { |opening| note(opening, "remark", "remark") }
          end
          app.takes(%r{/openings/#{Asking::NUMBER}/corrections}o, by: :office) do |id|
            add_to_log(find_opening(id)) { |opening| correct(opening) }
          end
          app.takes(%r{/openings/#{Asking::NUMBER}/pictures}o, by: :office) do |id|
            add_to_log(find_opening(id)) { |opening| keep_picture(opening) }
          end
        end

        # What the routes of the log share.
        module Adding
          # The page of an opening's log.
          def log_screen(opening, **rest) = screen_of(Web::Log::Screen, opening, **rest)

          # The log as a table.
          def give_log(opening) = give("#{name_of(opening)}.log.csv", "text/csv", log_screen(opening).csv)

          # Adds to it; what is refused is said on its page.
          def add_to_log(opening)
            refusing(->(fault) { log_screen(opening, fault:) }) do
              yield opening
              to_page "#{Paths.opening(opening.id, "log")}#adding"
            end
          end

          # Writes an entry.
          def note(opening, kind, key)
            opening.note({kind:, key:, before: nil, after: in_words("text", "an entry")}, who:)
          end

          # Corrects an entry by another: none is changed.
          def correct(opening)
            wrong = book.log.find(number("entry"))
            halt 404 unless wrong&.opening_id == opening.id
            note(opening, "correction", "entry.#{wrong.id}")
          end

          # Keeps a picture.
          def keep_picture(opening)
            caption = caption_of
            book.pictures.add(opening.row, Web::Log::PictureFile.read(upload("picture")), caption:, who:)
          end

          # @raise [Fault] for too much
          def caption_of
            caption = params["caption"].to_s.strip
            if caption.length > LONGEST
              raise Fault.new("#{caption.length} characters is too long a caption. It takes #{LONGEST}.",
                key: "picture")
            end

            caption
          end

          # Gives a picture, or its small one.
          def give_picture(id, small)
            picture = book.pictures.find(Integer(id, 10)) or halt 404
            content_type picture.type
            headers KEPT
            small ? picture.thumb : picture.data
          end

          # What was written.
          #
          # @raise [Fault] for nothing, or too much
          def in_words(name, what, most: LONGEST)
            text = params[name].to_s.strip
            raise Fault.new("Nothing was written. Say what happened.", key: name) if text.empty?
            raise Fault.new("#{text.length} characters is too long for #{what}. It takes #{most}.", key: name) if text
              .length > most

            text
          end
        end
      end
    end
  end
end
