# frozen_string_literal: true

require "monitor"

module YellowTrack
  module Store
    # Writers of one process take their turn in the order in which they came. SQLite lets whoever
    # asks next have it: of many that ask again and again, some would wait for seconds.
    module InTurn
      # A database that writes in turn.
      #
      # @param db [Sequel::Database]
      def self.extended(db) = db.instance_variable_set(:@turn, Monitor.new)

      # Writes in one's turn: the next waits here, and not in the database.
      def transaction(opts = {}, &)
        return super if in_transaction?(opts)

        @turn.synchronize { super }
      end
    end
  end
end
