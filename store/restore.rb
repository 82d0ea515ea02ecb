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

      # @param now [Time]
      # @return [Back]
      # @raise [Copy::Unsound] for a file that is no whole book: nothing is touched
      # @raise [Fault] while a server has the book
      def call(now: Time.now)
        Copy.prove(@file)
        Serving.alone(@database) do
          FileUtils.mkdir_p(File.dirname(@database), mode: 0o700)
          Copy.make(@file, "#{@database}.restored")
          kept = put_by(now)
          take_secret
          File.rename("#{@database}.restored", @database)
          told(kept)
        end
      end

      private

      # The book that was there, with what belongs to it, under another name.
      def put_by(now)
        there = ["", "-wal", "-shm", ".secret"].select { |end_of| File.exist?("#{@database}#{end_of}") }
        kept = "#{@database}.before-#{now.strftime(Backups::STAMP)}"
        there.each { |end_of| File.rename("#{@database}#{end_of}", "#{kept}#{end_of}") }
        kept if there.include?("")
      end

      # The secret stands beside a book that is open, not in it.
      def take_secret
        db = SQLite3::Database.new("#{@database}.restored")
        return unless db.get_first_value("SELECT 1 FROM sqlite_master WHERE name = 'kept_secret'")

        secret = db.get_first_value("SELECT value FROM kept_secret")
        File.write("#{@database}.secret", secret, perm: 0o600) if secret
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
