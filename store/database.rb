# frozen_string_literal: true

require "fileutils"
require "sequel"
require "sqlite3"

module YellowTrack
  module Store
    # Opens a database file, brings its tables up to date, and sets SQLite up
    # for several threads and processes at once.
    module Database
      MIGRATIONS = "#{ROOT}/store/migrations"
      BUSY_MS = 5_000

      module_function

      # @param path [String] of the file; made if it is not there
      # @return [Sequel::Database]
      def open(path)
        FileUtils.mkdir_p(File.dirname(path))
        db = Sequel.connect(adapter: "sqlite", database: path, after_connect: method(:prepare), max_connections: 8)
        db.transaction_mode = :immediate
        migrate(db)
        db
      end

      # SQLite's own waiting holds Ruby's lock; this handler lets other
      # threads run meanwhile.
      def prepare(connection)
        connection.busy_handler_timeout = BUSY_MS
        connection.execute("PRAGMA journal_mode = WAL")
        connection.execute("PRAGMA foreign_keys = ON")
        connection.execute("PRAGMA synchronous = NORMAL")
      end

      # @param target [Integer, nil] a migration's number; the newest if nil
      def migrate(db, target: nil)
        Sequel.extension :migration
        Sequel::Migrator.run(db, MIGRATIONS, target:)
      end
    end
  end
end
