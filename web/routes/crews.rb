# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # The firm's crews: made, named, ended; who is in which, from when; when one is away.
      module Crews
        # Its routes, and what they share.
        def self.registered(app)
          app.helpers(Gathering)
          app.takes("/crew/crews", by: :office) { add_crew }
          app.takes(%r{/crew/crews/#{Asking::NUMBER}}o, by: :office) { |id| change_crew(find_crew(id)) }
          app.takes(%r{/crew/crews/#{Asking::NUMBER}/(end|again)}o, by: :office) do |id, way|
            end_crew(find_crew(id), over: way == "end")
          end
          app.takes("/crew/people", by: :office) { put_person }
          app.takes("/crew/away", by: :office) { leave_crew }
          app.takes(%r{/crew/away/#{Asking::NUMBER}/back}o, by: :office) do |id|
            book.crews.back(Integer(id, 10))
            to_page "#{Paths.crew}#crews"
          end
        end

        # What its routes do.
        module Gathering
          # @return [Store::Crews::Crew]
          def find_crew(id) = book.crews.find(Integer(id, 10)) || halt(404)

          # Does something about crews; what is refused is said on their page.
          def on_crews(form)
            refusing(->(fault) { crew_of_firm(fault:, form:) }) do
              yield
              to_page "#{Paths.crew}#crews"
            end
          end

          # Makes a crew.
          def add_crew = on_crews("crew") { book.crews.add(params["crew"]) }

          # Names a crew, and sets its hours.
          def change_crew(crew)
            on_crews("crew #{crew.id}") do
              now = Web::People::Screen.crew_fields(crew)
              form = replacing(now, params.slice(*now.keys).transform_values(&:to_s))
              told = now.merge(form.changes)
              from, to = %w[from to].map { |name| minute_of_crew(name, told[name]) }
              if from && to && from >= to
                raise Fault.new("#{crew.name} begins at #{told["from"]} and ends at #{told["to"]}: it has to end " \
                  "later.", key: "to")
              end
              book.crews.change(crew.id, name: told["name"], from:, to:)
              form.tell! { |key| {"name" => "The crew's name"}.fetch(key, "The hour") }
            end
          end

          # Ends a crew, or takes it up again.
          def end_crew(crew, over:) = on_crews("crew #{crew.id}") { book.crews.finish(crew.id, over:) }

          # Puts somebody in a crew, from a day on.
          def put_person
            on_crews("person") do
              into = params["into"].to_s
              crew = into.empty? ? nil : find_crew(into[/\A\d{1,9}\z/] || halt(404))
              book.crews.put(params["person"], crew&.id, since: day_of(params["since"], "since"))
            end
          end

          # Notes that a crew is away.
          def leave_crew
            on_crews("away") do
              crew = find_crew(params["of"].to_s[/\A\d{1,9}\z/] || halt(404))
              day, hours = day_of(params["away_on"], "away_on"), params["hours"].to_s.strip
              from, to = hours_of_day(hours) unless hours.empty?
              book.crews.leave(crew.id, day:, from:, to:, why: Store::Jobs.tidy(params["why"])[0, 120])
            end
          end

          private

          def minute_of_crew(key, text)
            return if text.to_s.strip.empty?

            Desk::CrewHours.minute(text) ||
              raise(Fault.new("\"#{text.strip[0, 40]}\" is no time of day. Write it as 7:30.", key:))
          end

          def hours_of_day(text)
            Desk::CrewHours.stretch(text) || raise(no_hours(text))
          end

          def no_hours(text)
            Fault.new("\"#{text[0, 40]}\" are no hours of a day. Write them as 7:30-10:00.", key: "hours")
          end

          def day_of(text, key)
            text = text.to_s.strip
            return Date.strptime(text, "%Y-%m-%d") if text.match?(/\A\d{4}-\d\d-\d\d\z/)

            raise Date::Error
          rescue Date::Error
            raise Fault.new("\"#{text[0, 40]}\" is no day. Write it as #{Date.today.iso8601}.", key:)
          end
        end
      end
    end
  end
end
