# frozen_string_literal: true

module YellowTrack
  module Web
    module Size
      # What a set has to spare, loaded after its numbers: it takes longer than they do.
      class Spare < OpeningScreen
        # @return [Web::Spare, nil] nil without a set
        def spare = @spare ||= opening.sure && Web::Spare.new(opening.sure, opening.fine_printer)
      end
    end
  end
end
