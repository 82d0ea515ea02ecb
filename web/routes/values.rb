# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # A value that was typed: saved, kept as a draft, given up or put back.
      module Values
        # Its routes, and what they share.
        def self.registered(app)
          app.helpers(Typing)
          app.takes(%r{/openings/#{Asking::NUMBER}/values}o, by: :office, keys: /\A(survey|set)\./) do |id|
            field = Desk::Fields[params["key"].to_s] or halt 422,
              "There is no such value to change. Load the page again."
            stage = stage_of_form(field)
            result = written(find_opening(id), field)
            next to_page(Paths.opening(result.opening.id, stage, anchor: field.key)) unless htmx?

            renewed(stage_screen(stage, result.opening, result:, written: field))
          end
        end

        # What comes of a typed value.
        module Typing
          # The stage that the form stands on.
          def stage_of_form(field)
            named = Desk::Stage[params["stage"].to_s]
            (named&.writes?(field.key) ? named : Desk::Stage.home(field.key)).key
          end

          # @return [Desk::Writing::Result]
          def written(opening, field)
            writing = Desk::Writing.new(opening, who:, owner:)
            return writing.forget(field) if params["forget"]
            return writing.put_back(field, seen:) if params["back"]

            writing.write(field, posted(field, opening), seen:, unit: unit_of_form(opening.opening.units),
              overrule: params["overrule"] == "1")
          end

          # A kit of the fitter's own goes into the opening as its whole sheet.
          def posted(field, opening)
            given = params["value"]
            given = given.is_a?(Hash) ? "" : given
            (field.kind == :kit && kit_sheet(given.to_s, opening)) || given
          end

          # A kit of the fitter's own, or the one that stands for a kit nobody knows.
          def kit_sheet(id, opening)
            (id == Kit::UNKNOWN) ? Files::Shelf.unknown_kit(opening.kit.manner.key) : book.own_kits.sheet(id)
          end

          # Another kit or another number of panels has other parts to tell: the
          # page is loaded anew.
          def renewed(screen)
            headers "HX-Refresh" => "true" if screen.another_page?
            told = {"decides" => screen.decides_anew?, "reread" => screen.result&.outcome == :saved}
            headers "HX-Trigger" => told.select { |_, holds| holds }.keys.join(", ") if told.values.any?
            view(renewed: true).partial("parts/renewed", screen:)
          end
        end
      end
    end
  end
end
