# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # Stops that a fitter overrides, with his reason in the log (handbook 1).
      module Overrides
        PATH = %r{/openings/#{Asking::NUMBER}/override/([a-z.]{3,40})}

        DOOR = "service." # stops of a door that hangs already

        # Its routes, and what they share.
        def self.registered(app)
          app.helpers(Reasons)
          app.reads(PATH) { |id, code| show override_screen(find_opening(id), code) }
          app.takes(PATH) do |id, code|
            opening = find_opening(id)
            check = stop_of(opening, code)
            refusing(->(fault) { override_screen(opening, code, fault:) }) do
              before = opening.overrides[code].to_s
              replacing({"reason" => before}, {"reason" => reason}).tell! { "The reason" }
              opening.note({kind: "override", key: code, before: check.says, after: reason}, who:)
              to_page Paths.opening(opening.id, code.start_with?(DOOR) ? "rehang" : "size", anchor: code)
            end
          end
        end

        # What the routes of overrides share.
        module Reasons
          # The stop that is meant.
          def stop_of(opening, code) = opening.checks(code).find(&:stop?) || halt(404)

          # The page that asks why.
          def override_screen(opening, code, **rest)
            screen_of(Sheets::Override, opening, stop_of(opening, code), **rest)
          end

          # @raise [Fault] without one
          def reason
            if params["reason"].to_s.strip.empty?
              raise Fault.new("A stop is overridden with a written reason. Say why it will work here.",
                key: "reason")
            end

            in_words("reason", "a reason", most: Sheets::Override::LONGEST)
          end
        end
      end
    end
  end
end
