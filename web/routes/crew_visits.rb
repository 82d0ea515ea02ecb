# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # The crew's visits to every job, the address that calendars read, days and hours.
      module CrewVisits
        # Its routes, and what they share.
        def self.registered(app)
          app.helpers(Hours)
          app.reads("/visits.ics") { give_calendar("visits", book.plans.all) }
          app.reads(%r{/calendar/([\w-]{20,100})(?:/([a-z0-9-]{1,60}))?\.ics}, by: :anybody) { |token, crew|
            give_feed(token, crew)
          }
          app.takes("/visits/feed", by: :office) { change_feed }
          app.reads("/visits/hours") { show Web::Visits::Hours.new(book, **asked) }
          app.takes("/visits/hours", by: :office) { keep_hours }
          app.takes("/visits/days", by: :office) { set_day }
        end

        # What its routes do.
        module Hours
          # The feed, to whoever knows its address: of all crews, or of one.
          #
          # @param crew [String, nil] its key
          def give_feed(token, crew)
            halt 404 unless book.feeds.token && Rack::Utils.secure_compare(token, book.feeds.token)
            one = crew && (book.crews.all.find { |known| known.key == crew } || halt(404))
            calendar_of(book.plans.all, crew: one&.name)
          end

          # The address that calendars read: made, renewed or withdrawn.
          def change_feed
            refusing(->(fault) { board_screen(Desk::FirmBoard::Changes.new, fault:) }) do
              of_what_was_seen("The address was made anew meanwhile, or withdrawn.", feed: book.feeds.mark)
              params["withdraw"] ? book.feeds.withdraw : book.feeds.renew
              to_page Paths.crew_visits
            end
          end

          # All figures are read before one is kept.
          def keep_hours
            return take_figure if params["take"]

            kept, faults = {}, []
            begin
              kept.update(Desk::CrewHours.read({"visits.week" => [], **params}))
            rescue Faults => e
              faults.concat(e.list)
            end
            step_figures { |key, text| text.is_a?(Fault) ? faults.push(text) : kept[key] = text }
            raise Faults.new(faults) if faults.any?

            keep_figures(kept)
            to_page Paths.crew_hours(kept: 1)
          rescue Faults, Desk::Replacing::Clash => e
            status e.is_a?(Faults) ? 422 : 409
            show Web::Visits::Hours.new(book, **asked, fault: e)
          end

          # A day that nobody works, or that is one like others again.
          def set_day
            refusing(->(fault) { Web::Visits::Hours.new(book, **asked, fault:, form: "day") }) do
              day = day_of(params["day"], "day")
              book.crew_days.set(day, (params["how"] == "off") ? "off" : nil)
              to_page "#{Paths.crew_hours}#days-off"
            end
          end

          # What was changed is kept, and what others changed meanwhile is told.
          def keep_figures(kept)
            screen = Web::Visits::Hours.new(book, **asked)
            typed = params.slice(*kept.keys).transform_values { |text| text.is_a?(Array) ? text.join(",") : text.to_s }
            form = replacing(screen.standing, {"visits.week" => "", **typed}.slice(*kept.keys))
            book.transaction { form.changes.each_key { |key| book.house_rules.set(key, kept[key], who:) } }
            form.tell! { |key| screen.label(key) }
          end

          # Takes a figure that the record offers, and nothing else of the page.
          def take_figure
            key, _, figure = params["take"].to_s.partition("=")
            id, name = key.delete_prefix(YellowTrack::Files::StepTimes::PREFIX).split(/\.(?=minutes\.)/, 2)
            row = YellowTrack::Files::StepTimes.find(id)
            halt 422, "There is no such step any more. Load the page again." unless row&.figures&.key?(name)

            book.house_rules.set(key, YellowTrack::Files::StepTimes.read(row, name, figure), who:)
            to_page Paths.crew_hours(kept: 1)
          end

          private

          # Yields each figure of a step as it is to be kept, or its fault.
          def step_figures
            YellowTrack::Files::StepTimes.rows.each do |row|
              row.figures.each_key do |name|
                key = "#{YellowTrack::Files::StepTimes::PREFIX}#{row.id}.#{name}"
                next unless params.key?(key)

                yield key, read_figure(row, name, params[key])
              end
            end
          end

          def read_figure(row, name, typed)
            YellowTrack::Files::StepTimes.read(row, name, typed)
          rescue Fault => e
            e
          end
        end
      end
    end
  end
end
