# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # A door that hangs badly: taken in, its steps ticked, its cause settled.
      module Service
        KEY = /\A[a-z_.0-9]{3,60}\z/

        # Its routes, and what they share.
        def self.registered(app)
          app.helpers(DoorKeeping)
          app.takes(%r{/jobs/#{Asking::NUMBER}/service}o, by: :office) { |id| hang_served(find_job(id)) }
          app.takes(%r{/openings/#{Asking::NUMBER}/service}o) { |id| serve(id, "look") { |door| door.begin!(who:) } }
          app.takes(%r{/openings/#{Asking::NUMBER}/service/steps}o) { |id| tick_step(find_opening(id)) }
          app.takes(%r{/openings/#{Asking::NUMBER}/service/(mended|wrong)}o) do |id, how|
            serve(id, "look") { |door| door.settle!(how, seen:, who:) }
          end
          app.takes(%r{/openings/#{Asking::NUMBER}/service/own}o) { |id| keep_own(find_opening(id)) }
          app.reads("/causes") { show Web::Causes::Screen.new(book, **asked) }
          app.takes(%r{/causes/(own_[a-z0-9_]{1,40})/drop}, by: :office) do |key|
            book.own_causes.drop(key, who:)
            to_page Paths.causes
          end
          app.reads(%r{/openings/#{Asking::NUMBER}/service/sums/([a-z_]{2,40})}o) { |id, cause| show_sums(id, cause) }
        end

        # What the routes of the service share.
        module DoorKeeping
          # Takes a door in that others hung.
          def hang_served(job)
            on_job(job, "served") do
              to_page Paths.opening(job.serve(params["name"], params["family"].to_s, who:).id, "look")
            end
          end

          # Does something with a door, and goes to a stage of it.
          def serve(id, stage)
            opening = find_opening(id)
            yield opening.service
            to_page Paths.opening(opening.id, stage)
          end

          # Writes down a cause of the firm's own, and takes it up.
          def keep_own(opening)
            refusing(->(fault) { stage_screen("look", opening, fault:, form: "own") }) do
              typed = params.slice("label", "symptoms", "told", "minutes", "hands", "door_off", "fix")
              Desk::FirmsOwn.new(opening).keep!(typed, who:)
              to_page Paths.opening(opening.id, "look", anchor: "service.causes")
            end
          end

          # How a cause's share comes about.
          def show_sums(id, cause)
            screen = stage_screen("look", find_opening(id))
            view.partial("parts/sums", screen:, entries: screen.sums(cause) || halt(404))
          end

          # Ticks a step of the mend, or takes the tick back.
          def tick_step(opening)
            step = KEY.match?(params["step"].to_s) && opening.service.find(params["step"])
            halt 422, "There is no such step for this cause any more. Load the page again." unless step

            stage = Desk::Stage[params["stage"].to_s]&.key || "mend"
            refusing(->(fault) { stage_screen(stage, opening, fault:) }) do
              of_what_was_seen("That step was ticked meanwhile, or taken back.",
                tick: opening.service.tick(step)&.id.to_s)
              opening.service.tick!(step, params["undo"].nil?, who:)
              to_page Paths.opening(opening.id, stage, anchor: "service.#{step.key}")
            end
          end
        end
      end
    end
  end
end
