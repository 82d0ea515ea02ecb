# frozen_string_literal: true

require "open3"
require "time"

module YellowTrack
  module Desk
    # Looks at what a book needs: the machine, the gems, the database, its backup, pictures,
    # who may come in, disk and clock; each with what to do about it.
    class Doctor
      # What was looked at: level, :good, :watch or :stop; says; do, nil for nothing.
      Found = Struct.new(:level, :says, :do, keyword_init: true) do
        # A line: its level, what is so, what to do.
        def to_s = "#{level.to_s.ljust(5)}  #{says}#{" #{self.do}" if self.do}"
      end

      SKEW = 300 # seconds that an entry may lie ahead

      # @param database [String] path of the book
      def initialize(database)
        @database = database
      end

      # @return [Array<Found>]
      def found
        there, proved = File.file?(@database), database
        inner = (there && proved.level == :good) ? [pictures, accounts, clock] : []
        [ruby, gems, pictures_tool, proved, *(there ? [owner, backup, mirror] : []), *inner, disk]
      end

      private

      def good(says) = Found.new(level: :good, says:)

      def watch(says, cure) = Found.new(level: :watch, says:, do: cure)

      def stop(says, cure) = Found.new(level: :stop, says:, do: cure)

      def ruby = good("Ruby #{RUBY_VERSION}, SQLite #{Store::Copy.sqlite}.")

      # Another version than the lock file's is a way for an old fault to come back.
      def gems
        locked = Bundler.locked_gems.specs.to_h { |spec| [spec.name, spec.version] }
        other = Gem.loaded_specs.values.select { |spec| (locked[spec.name] || spec.version) != spec.version }
        return good("#{Gem.loaded_specs.length} gems, as the lock file names them.") if other.empty?

        watch("#{other.map(&:full_name).join(", ")}: not as the lock file names them.", "bin/setup installs those.")
      end

      def pictures_tool
        Open3.capture2e("identify", "-version")
        good("ImageMagick is there.")
      rescue Errno::ENOENT
        watch("ImageMagick is not on this machine: pictures cannot be kept.", "bin/setup installs it.")
      end

      def database
        return watch("No database yet at #{@database}.", "bin/serve makes it.") unless File.file?(@database)

        Store::Copy.prove(@database)
        good("The database proves whole: #{@database}, #{File.size(@database) / 1024} kB.")
      rescue Store::Copy::Newer => e
        stop(e.words, "Update the program; the book is as it was.")
      rescue Fault => e
        stop(e.words, "Bring the last good backup back: bin/restore FILE.")
      end

      def owner
        open = Dir["#{@database}{,-wal,-shm,.secret}"].select { |file| (File.stat(file).mode & 0o077).positive? }
        return good("Nobody else on this machine can read it.") if open.empty?

        watch("Others on this machine can read #{open.map { |file| File.basename(file) }.join(", ")}.",
          "chmod 600 #{open.join(" ")}")
      end

      def backup
        backups = Store::Backups.new(@database)
        last = backups.last
        return stop("The last backup failed: #{backups.failure}", "Mend that, then bin/backup.") if backups.failure
        return stop("There is no backup.", "bin/backup makes one; bin/serve makes one a day.") unless last
        return left_over(backups) if backups.left_over.any?
        return good("Backed up on #{told(last.at)}.") unless backups.late?

        watch("The last backup is of #{told(last.at)}.", "bin/backup makes one.")
      end

      # How far behind it is, by its own files.
      def mirror
        standing = Store::Mirror::Standing.new(@database)
        unless standing.meant?
          return watch("No mirror: where this disk dies, what was written since the last backup is gone.",
            "bin/mirror PLACE keeps it elsewhere, a second behind.")
        end
        return watch("Nothing mirrors the book to #{standing.place} now.", "bin/mirror PLACE goes on.") unless
          standing.running?
        return good("Mirrored to #{standing.place}, #{standing.behind} s behind.") unless standing.late?

        watch("The mirror at #{standing.place} is #{standing.behind || "more than #{Store::Mirror::LATE}"} s behind.",
          "Look whether its disk is full, or its machine away.")
      end

      def left_over(backups)
        watch("Copies of the book that were cut off, in #{backups.folder}: #{backups.left_over.length}.",
          "The next backup sweeps them away.")
      end

      def pictures
        inside { |db|
          count, bytes, empty = db.get_first_row("SELECT count(*), coalesce(sum(length(data)), 0), " \
            "coalesce(sum(length(data) = 0 OR length(thumb) = 0), 0) FROM pictures")
          next good("#{Count.told(count, "pictures")}, #{bytes / 1024} kB.") if empty.zero?

          watch("#{empty} of #{count} pictures are empty.", "A backup may have them: bin/restore FILE.")
        }
      end

      def accounts
        inside { |db|
          open, able = db.get_first_row("SELECT count(*), count(h.id) FROM accounts a " \
            "LEFT JOIN account_password_hashes h ON h.id = a.id WHERE a.status_id = #{Store::Accounts::OPEN}")
          next watch("Nobody may come in yet.", "bin/account add NAME, or the first page of bin/serve.") if able.zero?

          good("#{open} may come in, #{able} with a password.")
        }
      rescue SQLite3::SQLException
        watch("The book is of an older version, without accounts.", "bin/serve brings it up to date.")
      end

      def clock
        last = inside { |db| db.get_first_value("SELECT max(at) FROM log_entries") }
        return good("The clock is not behind the log.") unless last && Time.iso8601(last) > Time.now + SKEW

        watch("The log has an entry of #{told(Time.iso8601(last).localtime)}: the clock is behind it.",
          "Set the clock; entries keep their order whatever it says.")
      end

      def disk
        free = Store::Disk.free(File.exist?(@database) ? @database : File.dirname(@database, 2))
        return watch("How much room the disk has is not told here.", nil) unless free

        level = Store::Disk.level(free)
        Found.new(level:, says: "#{free / 1024} MB are free on the disk.",
          do: (level == :good) ? nil : "Make room before it is full.")
      end

      def inside(&) = Store::Copy.inside(@database, &)

      def told(time) = time.strftime("%-d %B %Y, %H:%M")
    end
  end
end
