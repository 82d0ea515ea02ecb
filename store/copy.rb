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
      OK, BUSY, LOCKED, FULL, DONE = 0, 5, 6, 13, 101 # what SQLite says of a step
      LONGEST = 60 # seconds that others are waited for, without a page copied
      SPARE = 1024 # kB that are to be free beside it

      # What is wrong with a copy.
      class Unsound < Fault; end

      module_function

      # @param from [String] path of a database
      # @param to [String] path that the copy is to have
      # @return [String] that path
      # @raise [Unsound] where the copy does not prove whole
      # @raise [Fault] where there is no room for it
      def make(from, to)
        FileUtils.mkdir_p(File.dirname(to), mode: 0o700)
        rough = "#{to}.new"
        room(from, to)
        FileUtils.rm_f(rough)
        held = File.open(rough, File::CREAT | File::EXCL | File::WRONLY, 0o600)
        held.flock(File::LOCK_EX)
        copy(from, rough)
        yield rough if block_given?
        prove(rough)
        File.open(rough) { |file| file.fsync }
        File.rename(rough, to)
        to
      ensure
        held&.close
        FileUtils.rm_f(Dir["#{rough}*"]) if rough
      end

      # What was left of copies that were cut off: those that nobody writes any more.
      #
      # @param folder [String]
      # @return [Array<String>] paths
      def left_over(folder)
        Dir["#{folder}/*.new"].select do |path|
          File.open(path) { |file| file.flock(File::LOCK_EX | File::LOCK_NB) }
        rescue Errno::ENOENT
          false
        end
      end

      # Sweeps them away.
      def sweep(folder) = left_over(folder).each { |path| FileUtils.rm_f(Dir["#{path}*"]) }

      # @raise [Fault] where the disk has no room for a copy
      def room(from, to)
        wanted = [from, "#{from}-wal"].sum { |file| File.size?(file).to_i } / 1024 + SPARE
        free = Disk.free(File.dirname(to))
        return if free.nil? || free > wanted

        raise Fault.new("The disk has #{free / 1024} MB free, and a copy of the book takes #{wanted / 1024 + 1} MB. " \
          "Make room on it; nothing was touched.", key: "disk")
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

      # Copies a book by SQLite's own means, page by page.
      def copy(from, to)
        source, target = SQLite3::Database.new(from, readonly: true), SQLite3::Database.new(to)
        backup = SQLite3::Backup.new(target, "main", source, "main")
        stepped(backup)
        target.execute("PRAGMA journal_mode = DELETE") # one file, that can be carried about
      ensure
        [source, target].compact.each(&:close)
      end

      # Page after page, as long as others let it.
      #
      # @raise [SQLite3::Exception] what else SQLite says
      def stepped(backup)
        stuck = 0
        loop do
          case state = backup.step(PAGES)
          when DONE then break
          when OK then stuck = 0
          when BUSY, LOCKED then sleep(WAIT) && (stuck += WAIT)
          else raise (state == FULL) ? SQLite3::FullException : SQLite3::IOException, "SQLite answers #{state}"
          end
          raise SQLite3::BusyException, "nothing was copied for #{LONGEST} s" if stuck > LONGEST
        end
      ensure
        backup.finish
      end

      # A book of a newer program.
      class Newer < Unsound; end

      # Looks whether a copy is of a program that we know.
      def version(path, db)
        made, ours = db.get_first_value("SELECT version FROM schema_info"), Database.newest
        return unless made > ours

        raise Newer.new("\"#{path}\" was written by a newer Yellow Track (#{made}; this one knows #{ours}).",
          key: "file")
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

      # Says what is wrong with a copy.
      def refuse(path, says) = raise(Unsound.new("\"#{path}\" #{says}.", key: "file"))
    end
  end
end
