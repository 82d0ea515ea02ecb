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
      # @raise [Fault] where it was there, by what is left of it
      def open(path)
        refuse_left_over(path)
        FileUtils.mkdir_p(File.dirname(path), mode: 0o700)
        db = Sequel.connect(adapter: "sqlite", database: path, after_connect: method(:prepare), max_connections: 32,
          connection_handling: :stack) # the one that was used last knows the most
        db.transaction_mode = :immediate
        db.extend(InTurn)
        db.timezone = :utc # what rodauth dates
        db.current_timestamp_utc = true
        migrate(db)
        keep_private(path)
        db
      end

      # No empty book where one was: what is left of it is named.
      def refuse_left_over(path)
        return if File.exist?(path)

        left = Dir["#{path}.restored", "#{path}.before-*", "#{path}-wal"].map { |file| File.basename(file) }
        return if left.empty?

        raise Fault.new("\"#{path}\" is not there, and #{left.join(", ")} is left of it: no empty book is made in " \
          "its place. Bring a backup back with bin/restore FILE, or give one of those its name.", key: "file")
      end

      # The book and what belongs to it is nobody else's on this machine.
      def keep_private(path)
        Dir["#{path}{,-wal,-shm,.lock}"].each { |file| File.chmod(0o600, file) }
      rescue Errno::EPERM
        nil # another's file, who keeps it as he likes
      end

      # @return [Integer] the newest migration's number
      def newest = Dir["#{MIGRATIONS}/*.rb"].map { |file| File.basename(file).to_i }.max

      # SQLite's own waiting holds Ruby's lock; this handler lets other
      # threads run meanwhile.
      def prepare(connection)
        connection.busy_handler_timeout = BUSY_MS
        connection.execute("PRAGMA journal_mode = WAL")
        connection.execute("PRAGMA foreign_keys = ON")
        connection.execute("PRAGMA synchronous = FULL") # what was acknowledged outlives a power cut
      end

      # Brings the tables to a migration, each in a transaction of its own. Who
      # comes second waits for who is at it: two servers that start on one new
      # book do not make its tables twice, and one that was killed midway leaves
      # nothing half done.
      #
      # @param target [Integer, nil] a migration's number; the newest if nil
      def migrate(db, target: nil)
        Sequel.extension :migration
        return if target.nil? && current?(db)

        refuse_newer(db)

        locked(db) do
          keep_before(db) if target.nil?
          Sequel::Migrator.run(db, MIGRATIONS, target:, use_transactions: true)
        end
      end

      # @raise [Fault] for a book of a newer program
      def refuse_newer(db)
        return unless version(db) > newest

        raise Fault.new("\"#{db.opts[:database]}\" was written by a newer Yellow Track (#{version(db)}; this one " \
          "knows #{newest}). Update the program; the book is as it was.", key: "file")
      end

      # A copy of a book before its tables change, beside it.
      def keep_before(db)
        version = version(db)
        path = db.opts[:database]
        return if version.zero? || current?(db) || File.exist?("#{path}.version-#{version}")

        Copy.make(path, "#{path}.version-#{version}")
      end

      # Whether a book's tables are as this program has them.
      def current?(db) = version(db) == newest

      # The migration that the tables are at, 0 for none. Only read: asked by several at
      # once, the migrator itself would write a first one for each.
      def version(db) = db.table_exists?(:schema_info) ? db[:schema_info].get(:version).to_i : 0

      # One at a time, whatever process: by a file beside the database.
      def locked(db)
        File.open("#{db.opts[:database]}.lock", File::RDWR | File::CREAT, 0o600) do |file|
          file.flock(File::LOCK_EX)
          yield
        end
      end
    end
  end
end
