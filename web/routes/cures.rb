# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # A cure that is taken by one press: its numbers are worked again and typed into their fields.
      module Cures
        # Its routes, and what they share.
        def self.registered(app)
          app.helpers(Taking)
          app.takes(%r{/openings/#{Asking::NUMBER}/cures}o, by: :office) do |id|
            opening = find_planned(id)
            cure = opening.cures[params["code"].to_s] or halt 422,
              "There is nothing to cure so any more. Load the page again."
            take_cure(opening, cure)
            to_page Paths.opening(id, stage_after(params["stage"].to_s), anchor: "set.#{cure.changes.keys.first}")
          end
        end

        # What the route shares.
        module Taking
          # Each number is a choice as if it were typed: logged, and a conflict where another changed it.
          def take_cure(opening, cure)
            cure.changes.reduce([opening, seen]) do |(now, version), (key, mm)|
              result = Desk::Writing.new(now, who:, owner:).write(Desk::Fields["set.#{key}"],
                now.opening.printer.typed(mm), seen: version, unit: now.opening.units)
              [result.opening, result.opening.version]
            end
          end

          # Where to go on after a cure was taken.
          def stage_after(key) = Desk::Stage[key] ? key : "size"
        end
      end
    end
  end
end
