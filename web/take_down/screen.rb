# frozen_string_literal: true

module YellowTrack
  module Web
    module TakeDown
      # Take down: what holds it, in what order that is freed, who holds it.
      class Screen < ServiceScreen
        CHECKS = %w[service.safe service.proof service.hold service.marks].freeze
        # What is read as it was found, by what the mend leads on to.
        READ_FIRST = {"slider_move" => %w[top middle bottom floor_left floor_right],
                      "bifold_move" => %w[top bottom floor_left head],
                      "reroller" => %w[floor_left floor_right head lift play], "alter" => %w[floor_left floor_right],
                      "engagement" => %w[head lift]}.freeze

        # The stage that it stands on; nil for none of them.
        def stage = "take-down"

        # Pieces that are drawn anew after a save, by their templates.
        def renewed = ["take_down/board"]

        # Ways that such a door comes off.
        def ways = service.ways

        # What is read while it still hangs, for its mend's own sums: gaps where adjusters are turned, the floor and
        # what is above where rollers are changed.
        #
        # @return [Array<FieldRow>]
        def read_first
          leads = cause&.leads_to || []
          keys = READ_FIRST.slice(*leads).values.flatten.uniq
          fields(*keys.map { |key| "found.#{key}" })
        end

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
