# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # Who is at work on this device.
      module Crew
        LONGEST = 40

        def self.registered(app)
          app.post("/who") do
            name = params["who"].to_s.scrub("?").strip
            halt 422, "#{name.length} characters is too long a name. It takes #{LONGEST}." if name.length > LONGEST

            session["who"] = name
            back = params["back"].to_s
            redirect to(back.match?(%r{\A/openings/\d{1,9}/[a-z-]{3,12}\z}) ? back : "/"), 303
          end
        end
      end
    end
  end
end
