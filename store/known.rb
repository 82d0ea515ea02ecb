# frozen_string_literal: true

module YellowTrack
  module Store
    # What was asked of openings, by the last entry of each one's log: while that is the same, nothing is asked again.
    class Known
      MOST = 256 # answers that are kept

      # Knows nothing yet.
      def initialize
        @answers = Latest.new(MOST)
      end

      # @param row [Openings::Row] without its last entry (in lists, and while something is being written) it is asked
      # @param more [Array] what the answer stands on beside the log
      # @yieldreturn [Object, nil] the answer, where it is not known
      def of(row, *more)
        return yield unless row.logged

        @answers.fetch([row.id, row.logged, *more]) { [yield].freeze }.first
      end
    end
  end
end
