# frozen_string_literal: true

module YellowTrack
  module Web
    module Fit
      # One thing that is fitted to doors that hang: what is measured, where it is marked, in what order it is done.
      class Screen < ServiceScreen
        # The stage that it stands on; it hangs on no rail.
        def stage = "fit"

        # Pieces that are drawn anew after a save, by their templates.
        def renewed = ["fit/board"]

        # Another thing asks for other readings: the page is loaded anew.
        def another_page? = super || (result&.outcome == :saved && written.key == "service.fit.what")

        # @return [YellowTrack::Accessory, nil]
        def accessory = @accessory ||= service.accessory

        # Readings that it asks for, and those that may be taken too.
        #
        # @return [Array<FieldRow>]
        def asks = accessory ? fit_fields(accessory.class::ASKS) : []

        # Readings that may be taken too.
        def may = accessory ? fit_fields(accessory.class::MAY) : []

        # What stands in an empty field.
        def placeholder_of(key) = key.start_with?("service.fit.") ? nil : super

        # The caution of a step, in words.
        def caution(step) = step.caution && Files::Cautions.says(step.caution)

        private

        def fit_fields(keys) = fields(*keys.map { |key| "fit.#{key}" })
      end
    end
  end
end
