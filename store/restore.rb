# frozen_string_literal: true

require "fileutils"
require "sqlite3"

module YellowTrack
  module Store
    # Brings a backup back: the file is proved before anything is touched, and what was
    # there is kept under another name.
    class Restore
      # What came back: how many jobs, openings, entries and pictures; kept, where the book
      # that was there is now, nil for none.
      Back = Struct.new(:jobs, :openings, :entries, :pictures, :kept, keyword_init: true)

      # @param file [String] a backup
      # @param database [String] path of the book
      def initialize(file, database)
        @file, @database = file, database
      end

      # One rename puts it there, once all is ready: cut off before it, the book is as it was; after
      # it, it is the one that came back.
      #
      # @param now [Time]
      # @return [Back]
      # @raise [Copy::Unsound] for a file that is no whole book: nothing is touched
      # @raise [Fault] while a server has the book
      def call(now: Time.now)
        Copy.prove(@file)
        BookLock.alone(@database) do
          FileUtils.mkdir_p(File.dirname(@database), mode: 0o700)
          Copy.make(@file, "#{@database}.restored")
          kept = keep_beside(now)
          take_secret
          File.rename("#{@database}.restored", @database)
          told(kept)
        end
      ensure
        FileUtils.rm_f("#{@database}.restored")
      end

      private

      # The book that is there, whole in its one file, stands under another name too.
      def keep_beside(now)
        return unless File.exist?(@database)

        whole_in_its_file
        name = "#{@database}.before-#{now.strftime(Backups::STAMP)}"
        [name, *(2..).lazy.map { |turn| "#{name}-#{turn}" }.first(99)].find { |free| !File.exist?(free) }
          .tap { |kept| linked(kept) }
      end

      def linked(kept)
        File.link(@database, kept)
      rescue Errno::EPERM, Errno::ENOTSUP, Errno::EOPNOTSUPP
        FileUtils.cp(@database, kept, preserve: true)
      end

      # What was written last goes into the file; a damaged one keeps what cannot.
      def whole_in_its_file
        db = SQLite3::Database.new(@database)
        db.busy_timeout = Database::BUSY_MS
        held, = db.execute("PRAGMA wal_checkpoint(TRUNCATE)").first
        return if held.zero?

        raise Fault.new("Another program reads \"#{@database}\", as what mirrors it does. Stop that first; nothing " \
          "was touched.", key: "file")
      rescue SQLite3::Exception
        put_by_rest
      ensure
        db&.close
        FileUtils.rm_f(%W[#{@database}-wal #{@database}-shm]) if File.size?("#{@database}-wal").nil?
      end

      def put_by_rest
        FileUtils.mv("#{@database}-wal", "#{@database}-wal.before") if File.exist?("#{@database}-wal")
      end

      # The secret stays, so that whoever is signed in stays so; where there is none, the backup's.
      def take_secret
        db = SQLite3::Database.new("#{@database}.restored")
        return unless db.get_first_value("SELECT 1 FROM sqlite_master WHERE name = 'kept_secret'")

        secret = db.get_first_value("SELECT value FROM kept_secret")
        File.write("#{@database}.secret", secret, perm: 0o600) if secret && !File.exist?("#{@database}.secret")
        db.execute("DROP TABLE kept_secret")
      ensure
        db&.close
      end

      def told(kept)
        book = Book.open(@database)
        counts = {jobs: :jobs, openings: :openings, entries: :log_entries, pictures: :pictures}
        Back.new(**counts.transform_values { |table| book.count(table) }, kept:)
      ensure
        book&.close
      end
    end
  end
end
