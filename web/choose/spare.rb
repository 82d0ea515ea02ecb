# frozen_string_literal: true

module YellowTrack
  module Web
    module Choose
      # What one way has to spare, filled in once the list is on the screen. It ranks nothing.
      class Spare < Screen
        # @return [Candidate, nil] the way that is asked about; nil where it is no longer in the list
        def card = @card ||= choosing&.find(params["way"].to_s)

        # In words, worked out once while nothing is written.
        def spare_words = opening.piece("spare", Desk::SetChoice.key_of(card), opening.shown) { worked }

        private

        def worked
          sure = Sure.new(card.plan.opening, card.plan)
          return "not said" unless sure.state == :worked

          printer = opening.printer
          sure.spare ? printer.with_unit(sure.spare) : "over #{printer.with_unit(Sure::STEPS.last)}"
        end
      end
    end
  end
end
