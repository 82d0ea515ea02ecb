# frozen_string_literal: true

require "date"

module YellowTrack
  module Web
    module Routes
      # The steps of a set: ticked, taken back, dated; the trial hang done over.
      module Hanging
        KEY = /\A[a-z-]{2,20}(\.\d{1,2}){0,2}\z/

        # Its routes, and what they share.
        def self.registered(app)
          app.helpers(Ticking)
          app.takes(%r{/openings/#{Asking::NUMBER}/steps}o) do |id|
            opening = find_planned(id)
            tick(opening, step_of(opening))
          end
          app.takes(%r{/openings/#{Asking::NUMBER}/waits}o) { |id| promise(find_planned(id)) }
          app.takes(%r{/openings/#{Asking::NUMBER}/rounds}o) do |id|
            opening = find_planned(id)
            opening.progress.again!(who:)
            to_page Paths.opening(opening.id, "hang")
          end
        end

        # What the routes of the steps share.
        module Ticking
          # The step that a form is about.
          def step_of(opening)
            key = params["step"].to_s
            (KEY.match?(key) && opening.progress.find(key)) or halt 422,
              "There is no such step for this set any more. Load the page again."
          end

          # What another ticked, or took back, meanwhile stands.
          def tick(opening, step)
            refusing(->(fault) { stage_screen("hang", opening, fault:) }) do
              mark = opening.progress.mark(step)
              of_what_was_seen("That step was ticked meanwhile, or taken back.", tick: mark)
              opening.progress.tick!(step, params["undo"].nil?, who:)
              to_page Paths.opening(opening.id, (params["from"] == "prepare") ? "prepare" : "hang",
                anchor: "step.#{step.key}")
            end
          end

          # Writes down the day that others are promised for.
          def promise(opening)
            step = step_of(opening)
            refusing(->(fault) { stage_screen("hang", opening, fault:) }) do
              day = opening.progress.promised(step)&.iso8601.to_s
              form = replacing({"day" => day}, {"day" => params["day"].to_s.strip})
              form.changes.each_value { |text| opening.progress.promise!(step, read_day(text), who:) }
              form.tell! { "The day" }
              to_page Paths.opening(opening.id, "hang", anchor: "step.#{step.key}")
            end
          end

          # @return [Date, nil] nil for none
          def read_day(typed)
            typed.empty? ? nil : Date.iso8601(typed)
          rescue Date::Error, RangeError
            raise Fault.new("\"#{typed[0, 40]}\" is no day. Write it as #{Date.today.iso8601}.", key: "day")
          end
        end
      end
    end
  end
end
