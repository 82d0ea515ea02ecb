# frozen_string_literal: true

require "sequel"
require "sqlite3"

module YellowTrack
  module Store
    # What keeps a database from being written or read, in a sentence for whoever is at
    # work: nothing was saved then.
    module Trouble
      SAYS = {
        SQLite3::BusyException => "Another program holds the database.",
        SQLite3::LockedException => "Another program holds the database.",
        SQLite3::ReadOnlyException => "The database, or its folder, can be read and not written.",
        SQLite3::FullException => "The disk is full.",
        SQLite3::IOException => "The disk does not answer as it should.",
        SQLite3::CantOpenException => "The database cannot be opened: its file or its folder is not there any more.",
        SQLite3::CorruptException => "The database is damaged. Stop, and bring the last good backup back with " \
          "bin/restore.",
        SQLite3::NotADatabaseException => "That file is no database of Yellow Track."
      }.freeze
      # What is rescued where a sentence is wanted.
      KINDS = [SystemCallError, SQLite3::Exception, Sequel::Error].freeze
      GONE = "The database is not the file that was opened: it was deleted, or another was put in its place. Put it " \
        "back, or start again."

      # A book whose file is gone, or another.
      class Gone < StandardError
        # Says that the file is gone.
        def initialize = super(GONE)
      end

      module_function

      # @param error [Exception]
      # @return [String, nil] nil for what is no trouble of the database's
      def says(error)
        return error.message if error.is_a?(Gone)
        return SAYS.fetch(SQLite3::BusyException) if error.is_a?(Sequel::PoolTimeout)

        cause = error.is_a?(Sequel::DatabaseError) ? error.wrapped_exception || error.cause : error
        SAYS.find { |kind, _| cause.is_a?(kind) }&.last
      end
    end
  end
end
