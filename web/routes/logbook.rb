# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # The log of an opening: shown, added to, corrected by new entries.
      module Logbook
        LONGEST = 2_000

        def self.registered(app)
          app.helpers(Adding)
          reading(app)
          adding(app)
        end

        def self.reading(app)
          app.get(%r{/openings/(\d{1,9})/log}) do |id|
            load_log(id)
            erb :"logbook/page"
          end

          app.get(%r{/openings/(\d{1,9})/log\.csv}) do |id|
            load_log(id)
            give("#{file_name}.log.csv", "text/csv", log_table)
          end

          app.get(%r{/pictures/(\d{1,9})(/small)?}) do |id, small|
            picture = book.pictures.find(Integer(id, 10)) or halt 404
            content_type picture.type
            headers "cache-control" => "private, max-age=31536000, immutable", "x-content-type-options" => "nosniff"
            small ? picture.thumb : picture.data
          end
        end

        def self.adding(app)
          app.post(%r{/openings/(\d{1,9})/remarks}) do |id|
            add_to_log(id) { book.log.add(**entry_of("remark", "remark", in_words)) }
          end

          app.post(%r{/openings/(\d{1,9})/corrections}) do |id|
            add_to_log(id) do
              wrong = book.log.find(Integer(params["entry"].to_s, 10))
              halt 404 unless wrong&.opening_id == @row.id
              book.log.add(**entry_of("correction", "entry.#{wrong.id}", in_words))
            end
          end

          app.post(%r{/openings/(\d{1,9})/pictures}) do |id|
            add_to_log(id) do
              caption = params["caption"].to_s.scrub("?").strip
              raise Fault.new("#{caption.length} characters is too long a caption. It takes #{LONGEST}.", key: "picture") if caption.length > LONGEST

              book.pictures.add(@row, PictureFile.read(params["picture"]), caption:, who:)
            end
          end
        end

        # What the routes of the log share.
        module Adding
          def load_log(id)
            load_opening(id)
            @title = "Log of #{@title}"
          end

          def add_to_log(id)
            load_log(id)
            yield
            redirect to("/openings/#{@row.id}/log#adding"), 303
          rescue Fault => e
            status 422
            @fault = e
            erb :"logbook/page"
          end

          def entry_of(kind, key, after) = {opening_id: @row.id, version: @row.version, kind:, key:, before: nil, after:, who:, at: Store::Clock.now}

          def in_words
            text = params["text"].to_s.scrub("?").strip
            raise Fault.new("Nothing was written. Say what happened.", key: "text") if text.empty?
            raise Fault.new("#{text.length} characters is too long an entry. It takes #{LONGEST}.", key: "text") if text.length > LONGEST

            text
          end
        end
      end
    end
  end
end
