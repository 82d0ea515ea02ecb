# frozen_string_literal: true

module YellowTrack
  module Web
    module TakeDown
      # Take down: what holds it, in what order that is freed, who holds it.
      class Screen < ServiceScreen
        CHECKS = %w[service.safe service.proof service.hold service.marks].freeze

        def stage = "take-down"

        def renewed = ["take_down/board"]

        def ways = service.ways

        def stands = Files::TakingDown.stands

        # Whether how it comes out has to be said first.
        def open? = service.freeing.empty?

        # Tracks that its family may have, in words.
        def options_of(field)
          return super unless field.key == "service.track"

          Files::TakingDown.ways(service.family).select(&:track).to_h { |way| [way.track, way.label] }
        end

        def track_field
          field("service.track") if Files::TakingDown.ways(service.family).length > 1
        end

        def caution_keys = %w[taking_down lifting] | (cause&.caution || []) | (service.glass? ? %w[glass] : [])
      end
    end
  end
end
