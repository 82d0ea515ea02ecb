# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # The first page, who is at work, the search, and how lines look.
      module Wall
        LINES = Drawing::Lines.css(".drawing ") { |role| "var(--#{role})" }.freeze
        BACK = %r{\A/openings/\d{1,9}/[a-z-]{3,12}\z}

        def self.registered(app)
          app.get("/") { show Web::Wall::Screen.new(book, **asked) }
          app.get("/search") { show Search::Screen.new(book, **asked) }
          app.get("/lines.css") { content_type(:css) && cache_control(:public, max_age: 3600) && LINES }
          app.post("/jobs") { start_job }
          app.post("/who") { note_name }
          app.helpers(Starting)
        end

        # Jobs are started, and names noted.
        module Starting
          def start_job
            refusing(->(fault) { Web::Wall::Screen.new(book, **asked, fault:) }) do
              to_page Paths.job(book.jobs.add(name: params["name"], place: params["place"],
                units: params["units"] || "mm").id)
            end
          end

          def note_name
            name = params["who"].to_s.strip
            halt 422, "#{name.length} characters is too long a name. It takes #{Crew::LONGEST}." if name
              .length > Crew::LONGEST

            session["who"] = name
            to_page params["back"].to_s.match?(BACK) ? params["back"] : Paths.wall
          end
        end
      end
    end
  end
end
