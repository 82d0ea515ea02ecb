# frozen_string_literal: true

require "fileutils"
require "sqlite3"

module YellowTrack
  module Store
    # A copy of a database that may be in use, by SQLite's own online copy: whole, proved,
    # and written under its name only then.
    module Copy
      PAGES = 500 # copied at once, so that others get their turn
      WAIT = 0.05 # seconds, while it is written to
      BUSY, DONE = 5, 101 # what SQLite says of a step

      # What is wrong with a copy.
      class Unsound < Fault; end

      module_function

      # @param from [String] path of a database
      # @param to [String] path that the copy is to have
      # @return [String] that path
      # @raise [Unsound] where the copy does not prove whole
      def make(from, to)
        FileUtils.mkdir_p(File.dirname(to), mode: 0o700)
        rough = "#{to}.new"
        FileUtils.rm_f(rough)
        File.open(rough, File::CREAT | File::EXCL | File::WRONLY, 0o600) {}
        copy(from, rough)
        yield rough if block_given?
        prove(rough)
        File.open(rough) { |file| file.fsync }
        File.rename(rough, to)
        to
      ensure
        FileUtils.rm_f(Dir["#{rough}*"]) if rough
      end

      # Looks through a file: SQLite's own check, rows that point at others, our tables.
      #
      # @param path [String]
      # @raise [Unsound]
      def prove(path)
        raise Unsound.new("\"#{path}\" is not there.", key: "file") unless File.file?(path)

        inside(path) do |db|
          found = db.execute("PRAGMA integrity_check").flatten
          refuse(path, "is damaged: #{found.first.to_s[0, 120]}") unless found == ["ok"]
          refuse(path, "has rows that point at none") if db.execute("PRAGMA foreign_key_check").any?
          names = db.execute("SELECT name FROM sqlite_master WHERE type = 'table'").flatten
          refuse(path, "is no book of Yellow Track") unless (%w[jobs openings log_entries schema_info] - names).empty?
          version(path, db)
        end
      rescue SQLite3::Exception => e
        refuse(path, "cannot be read: #{e.message[0, 120]}")
      end

      # @return [String] SQLite's version
      def sqlite = SQLite3::SQLITE_VERSION

      def copy(from, to)
        source, target = SQLite3::Database.new(from, readonly: true), SQLite3::Database.new(to)
        backup = SQLite3::Backup.new(target, "main", source, "main")
        until (state = backup.step(PAGES)) == DONE
          sleep(WAIT) if state == BUSY
        end
        backup.finish
        target.execute("PRAGMA journal_mode = DELETE") # one file, that can be carried about
      ensure
        [source, target].compact.each(&:close)
      end

      def version(path, db)
        made, ours = db.get_first_value("SELECT version FROM schema_info"), Database.newest
        refuse(path, "was written by a newer Yellow Track (#{made}; this one knows #{ours})") if made > ours
      end

      # Looks into a file without writing to it.
      #
      # @yieldparam db [SQLite3::Database]
      def inside(path)
        db = SQLite3::Database.new(path, readonly: true)
        yield db
      ensure
        db&.close
      end

      def refuse(path, says) = raise(Unsound.new("\"#{path}\" #{says}.", key: "file"))
    end
  end
end
