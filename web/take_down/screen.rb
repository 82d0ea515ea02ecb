# frozen_string_literal: true

module YellowTrack
  module Web
    module TakeDown
      # Take down: what holds it, in what order that is freed, who holds it.
      class Screen < ServiceScreen
        CHECKS = %w[service.safe service.proof service.hold service.marks].freeze

        # The stage that it stands on; nil for none of them.
        def stage = "take-down"

        # Pieces that are drawn anew after a save, by their templates.
        def renewed = ["take_down/board"]

        # Ways that such a door comes off.
        def ways = service.ways

        # How a door that is off is stood.
        def stands = Files::TakingDown.stands

        # Whether how it comes out has to be said first.
        def open? = service.freeing.empty?

        # Tracks that its family may have, in words.
        def options_of(field)
          return super unless field.key == "service.track"

          Files::TakingDown.ways(service.family).select(&:track).to_h { |way| [way.track, way.label] }
        end

        # The field of what holds it; nil where there is one way.
        def track_field
          field("service.track") if Files::TakingDown.ways(service.family).length > 1
        end

        # Cautions of the work on this page, by their keys.
        def caution_keys = %w[taking_down lifting] | (cause&.caution || []) | (service.glass? ? %w[glass] : [])
      end
    end
  end
end
