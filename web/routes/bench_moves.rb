# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # The bench: what every turn comes to, and turns that were made.
      module BenchMoves
        BENCHES = %w[adjust rehang].freeze

        # Its routes, and what they share.
        def self.registered(app)
          app.helpers(Turning)
          app.reads(%r{/openings/#{Asking::NUMBER}/bench\.json}o) do |id|
            turning = find_planned(id).turning
            halt 404 unless turning.answer
            content_type :json
            JSON.generate(Drawing::Responses.of(turning.controls).to_h)
          end
          app.takes(%r{/openings/#{Asking::NUMBER}/moves}o) do |id|
            on_bench(find_planned(id)) { |turning| seen_moves(turning) && turn(turning) }
          end
          app.takes(%r{/openings/#{Asking::NUMBER}/moves/back}o) do |id|
            on_bench(find_planned(id)) { |turning| seen_moves(turning) && turning.take_back!(seen:, who:) }
          end
        end

        # What the routes of the bench share.
        module Turning
          # The screen that the bench stands on.
          def on_bench(opening)
            stage = BENCHES.find { |name| name == params["stage"] } || BENCHES.first
            refusing(->(fault) { stage_screen(stage, opening, fault:) }) do
              yield opening.turning
              to_page Paths.opening(opening.id, stage, panel: opening.turning.reading.name)
            end
          end

          # What was turned meanwhile is told: another turn, or another way, would be a wrong one.
          def seen_moves(turning)
            title = turning.reading.title
            of_what_was_seen("#{title} was turned meanwhile, or a turn was taken back.", move: turning.mark)
            true
          end

          # Pressed twice, the second has nothing left to turn.
          def turn(turning)
            return unless turning.answer

            asked = params["turn"].is_a?(Hash) ?
              params["turn"].transform_values { |text| Integer(text.to_s, 10, exception: false) } : {}
            turning.turn!(params["suggested"] ? turning.controls.suggested : turning.controls.within(asked), seen:,
              who:)
          end
        end
      end
    end
  end
end
