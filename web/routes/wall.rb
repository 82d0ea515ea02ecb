# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # The first page, the search, and how lines and pages look.
      module Wall
        DRAWN = Drawing::Lines.css(".drawing ") { |role| "var(--#{role})" }
        LINES = "@layer parts {\n#{DRAWN}\n#{Drawing::Lines.least_css}\n}".gsub(/ ?([{};:]) /, '\1').freeze

        # Its routes, and what they share.
        def self.registered(app)
          app.reads("/") { show first_page }
          app.reads("/today") { show today(crew_asked || halt(404)) }
          app.reads("/search") { show Search::Screen.new(book, **asked) }
          app.reads("/lines.css", by: :anybody) { content_type(:css) && cache_control(:public, max_age: 3600) && LINES }
          app.reads(%r{/pages/([a-z_]{1,20})\.css}, by: :anybody) do |folder|
            content_type(:css) && cache_control(:public, max_age: 3600) && (Styles::OWN[folder] || halt(404))
          end
          app.takes("/jobs", by: :office) { start_job }
          app.helpers(Starting)
        end

        # Jobs are started; whoever is in a crew begins with its day.
        module Starting
          # The first page: a crew's day for whoever is in one, once a board is kept; every job where that is asked for.
          def first_page
            crew = params.empty? && book.boards.version.positive? && book.crews.of(who, Date.today)
            crew ? today(crew) : Web::Wall::Screen.new(book, **asked)
          end

          # A crew's day.
          def today(crew) = Web::Today::Screen.new(book, crew:, **asked)

          # The crew that is asked for, else one's own, else the first; nil for none, or while no board is kept.
          def crew_asked
            return if book.boards.version.zero?

            all = book.crews.all
            all.find { |one| one.key == params["crew"] } || book.crews.of(who, Date.today) || all.first
          end

          # Starts a job.
          def start_job
            refusing(->(fault) { Web::Wall::Screen.new(book, **asked, fault:) }) do
              to_page Paths.job(book.jobs.add(name: params["name"], place: params["place"],
                units: params["units"] || "mm").id)
            end
          end
        end
      end
    end
  end
end
