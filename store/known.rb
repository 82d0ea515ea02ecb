# frozen_string_literal: true

module YellowTrack
  module Store
    # What was asked of openings, by the last entry of each one's log: while that is the same, nothing is asked again.
    # Inside a transaction nothing is known by that: what is written there may yet be taken back.
    class Known
      MOST = 256 # answers that are kept

      # @param db [Sequel::Database]
      def initialize(db)
        @db = db
        @answers = Latest.new(MOST)
      end

      # @param row [Openings::Row] without its last entry (in lists) it is asked
      # @param more [Array] what the answer stands on beside the log
      # @yieldreturn [Object, nil] the answer, where it is not known
      def of(row, *more)
        return yield if row.logged.nil? || @db.in_transaction?

        @answers.fetch([row.id, row.logged, *more]) { [yield].freeze }.first
      end

      # Keeps an answer that is known by a new entry of the log, once that is in the book for good.
      #
      # @param row [Openings::Row] with that entry
      def keep(row, answer)
        @answers[[row.id, row.logged]] = [answer].freeze unless @db.in_transaction?
      end
    end
  end
end
