# frozen_string_literal: true

module YellowTrack
  module Web
    module Size
      # What a set has to spare, loaded after its numbers: it takes longer than they do.
      class Spare < OpeningScreen
        # @return [Web::Spare, nil] nil without a set
        def spare = @spare ||= Web::Spare.of(opening)
      end
    end
  end
end
