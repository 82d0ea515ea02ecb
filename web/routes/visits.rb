# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # Visits of a job: what is tried stands in the address, what is kept is kept under
      # the version that was seen.
      module Visits
        # Its routes, and what they share.
        def self.registered(app)
          app.helpers(Planning)
          app.reads(%r{/jobs/#{Asking::NUMBER}/visits}o) { |id| show_visits(find_job(id)) }
          app.reads(%r{/jobs/#{Asking::NUMBER}/visits/longer}o) { |id| look_longer(find_job(id)) }
          app.reads(%r{/jobs/#{Asking::NUMBER}/visits/sums/([A-Z]{1,3}-[a-z0-9-]{1,30})}o) do |id, key|
            step_sums(id, key)
          end
          app.takes(%r{/jobs/#{Asking::NUMBER}/visits}o, by: :office) { |id| keep_visits(find_job(id)) }
          app.takes(%r{/jobs/#{Asking::NUMBER}/visits/steps}o, by: :office) { |id| tick_visit_step(find_job(id)) }
          app.reads(%r{/jobs/#{Asking::NUMBER}/visits\.ics}o) { |id| job_calendar(find_job(id)) }
          app.reads(%r{/jobs/#{Asking::NUMBER}/visits\.csv}o) { |id| give_visits_table(find_job(id)) }
          app.reads(%r{/jobs/#{Asking::NUMBER}/(work|visits)\.json}o) { |id, what| give_visits(find_job(id), what) }
        end

        # What the routes of visits share.
        module Planning
          HEADS = %w[step opening what place minutes hands start end slack].freeze
          ASKED = %w[put off away open travel crew].freeze

          # The page of a job's visits, as they are tried.
          def show_visits(job)
            return to_board(job) if ASKED.any? { |name| params.key?(name) } && Desk::JobVisits.new(job).boarded?

            stands = Desk::JobVisits::Changes.new(params.slice(*ASKED))
            changes = added(job, stands)
            return to_tried(Paths.visits(job.id, changes)) if asks_more?
            return view.partial("visits/all_steps", screen: visits_screen(job, changes)) if htmx?

            show visits_screen(job, changes)
          rescue Fault, Faults => e
            status 422
            show visits_screen(job, (stands if asks_more?) || Desk::JobVisits::Changes.new, fault: e)
          end

          # What is tried of a job on the firm's board is tried there.
          def to_board(job)
            put = params["put"].is_a?(Hash) ? params["put"] : {}
            to_page Paths.crew_visits(nil, put: put.transform_keys { |step| "#{job.visiting.short_name}:#{step}" })
          end

          # The sum of a step's minutes.
          def step_sums(id, key)
            screen = visits_screen(find_job(id), Desk::JobVisits::Changes.new)
            view.partial("parts/sums", screen:, entries: screen.sums(key), of: key)
          rescue KeyError
            halt 404
          end

          # What is tried stands in the address, as long as that takes it.
          def to_tried(path)
            return to_page(path) if path.bytesize < FrontDoor::LONGEST

            raise Fault.new("So many changes do not go on one page. Keep those that are tried, then go on.", key: "put")
          end

          # A longer look at the page's plan: a better one is shown anew.
          def look_longer(job)
            visiting = Desk::JobVisits.new(job, Desk::JobVisits::Changes.new(params.slice(*ASKED)))
            headers "HX-Refresh" => "true" if visiting.look_longer!
            "No better plan was found in #{YellowTrack::Visits::PATIENCE} seconds."
          rescue Fault, Faults
            ""
          end

          # Keeps the plan that was seen.
          def keep_visits(job)
            changes = Desk::JobVisits::Changes.new(params.slice(*ASKED))
            visiting = Desk::JobVisits.new(job, changes)
            if Desk::JobVisits.new(job).boarded?
              raise Fault.new("#{job.name} hangs on the firm's board: what is tried is kept there.", key: "put")
            end
            return to_page(Paths.visits(job.id)) if visiting.keep!(seen:, who:)

            status 409
            show Web::Visits::Screen.new(Desk::JobVisits.new(job, changes), beaten: book.plans.find(job.id), **asked)
          rescue Fault, Faults => e
            status 422
            show visits_screen(job, changes || Desk::JobVisits::Changes.new, fault: e)
          end

          # Ticks a step of a visit, or takes the tick back.
          def tick_visit_step(job)
            key = (params["undo"] || params["step"]).to_s
            ended = Desk::JobVisits.new(job).steps.find { |one| one["key"] == key }&.fetch("ended", nil).to_s
            was = {key => params["was"][key].to_s} if params["was"].is_a?(Hash)
            Desk::Replacing.seen!(was, {key => ended}, "#{key} was ticked meanwhile, or taken back.")
            Desk::JobVisits.new(job).tick!(key, params["undo"].nil?, who:)
            to_page (params["back"] == "today") ? Paths.today : "#{Paths.visits(job.id, nil, all: 1)}#step-#{key}"
          rescue Fault => e
            status e.is_a?(Desk::Replacing::Clash) ? 409 : 422
            show visits_screen(job, Desk::JobVisits::Changes.new, fault: e)
          end

          # The plan as a file.
          def give_visits(job, what)
            visiting = Desk::JobVisits.new(job)
            told = (what == "work") ? visiting.work : visiting.result
            give("#{file_name(job.name)}.#{what}.json", "application/json", JSON.pretty_generate(told))
          rescue Faults => e
            halt 422, e.message
          end

          # Plans as calendars read them.
          #
          # @param crew [String, nil] whose visits alone; nil for all
          def calendar_of(plans, crew: nil)
            content_type "text/calendar", charset: "utf-8"
            Desk::JobVisits::Calendars.of(book, plans, crew:)
          end

          # The same as a file to keep.
          def give_calendar(name, plans)
            text = calendar_of(plans)
            attachment "#{name}.ics"
            text
          end

          # A job's own.
          def job_calendar(job)
            plan = book.plans.find(job.id)
            halt 422, "No plan of this job is kept yet. Keep one on its visits." unless plan

            give_calendar("#{file_name(job.name)}.visits", [plan])
          end

          # The plan as a table.
          def give_visits_table(job)
            visiting = Desk::JobVisits.new(job)
            rows = visiting.result["steps"].zip(visiting.steps).map do |time, step|
              [step["key"], step["opening"], step["what"], step["place"], step["minutes"], step["hands"], time["start"],
                time["end"], time["slack"]]
            end
            give("#{file_name(job.name)}.visits.csv", "text/csv", Cells.csv(HEADS, rows))
          rescue Faults => e
            halt 422, e.message
          end

          private

          def visits_screen(job, changes, **rest)
            Web::Visits::Screen.new(Desk::JobVisits.new(job, changes), **asked, **rest)
          end

          def asks_more? = %w[step move crew_day].any? { |name| params.key?(name) }

          # Changes with the one that a form asks for.
          def added(job, changes)
            return changes unless asks_more?

            told = changes.to_h
            told["put"] = (told["put"] || {}).merge(asked_put(job, changes))
            add_day(told) if params["crew_day"]
            Desk::JobVisits::Changes.new(told)
          end

          def asked_put(job, changes)
            return {params["step"].to_s => params["day"].to_s} if params["step"]
            return {} unless params["move"]

            visit = Desk::JobVisits.new(job, changes).result["visits"].find { |one| one["uid"] == params["move"] }
            raise Fault.new("That visit is planned no longer. Look at the track again.", key: "move") unless visit

            visit["steps"].to_h { |key| [key, params["to"].to_s] }
          end

          def add_day(told)
            how, day = params["how"].to_s, params["crew_day"].to_s
            raise Fault.new("Say whether that day is off, without the crew, or like others.", key: "how") unless
              Desk::JobVisits::Changes::HOW.key?(how)
            raise Fault.new("No day was said. Write it as #{Date.today.iso8601}.", key: "crew_day") if day.strip.empty?

            Desk::JobVisits::Changes::HOW.each_key { |name| told[name] = (told[name] || []) - [day] }
            told[how] += [day]
          end
        end
      end
    end
  end
end
