# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # What a tape sends, as a stream that an open page listens to: each answer
      # brings what came since the last, and the page asks again.
      module Tape
        AGAIN = 400 # milliseconds

        # Its routes, and what they share.
        def self.registered(app)
          app.reads("/tape") do
            content_type "text/event-stream"
            headers "Cache-Control" => "no-store"
            last = Integer(request.env["HTTP_LAST_EVENT_ID"].to_s, 10, exception: false)
            "retry: #{AGAIN}\n#{last ? Tape.events(book.tape.since(last)) : Tape.ready(book.tape.last)}"
          end
        end

        # From here on the page listens.
        def self.ready(last) = "id: #{last}\nevent: ready\ndata: #{last}\n\n"

        # Readings as a stream has them.
        def self.events(readings)
          readings.map { |id, reading| "id: #{id}\nevent: reading\ndata: #{reading}\n\n" }.join
        end
      end
    end
  end
end
