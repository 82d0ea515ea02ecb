# frozen_string_literal: true

require "fileutils"
require "time"

module YellowTrack
  module Desk
    # What bin/backup, bin/restore and bin/doctor do, and say.
    module BookKeeping
      module_function

      # @param words [Array<String>] the folder, where it is not the one beside the book
      def backup(words)
        saying do
          made = Store::Backups.new(Store::Place.database, words.first).make
          puts "Backed up to #{made.path}, #{made.bytes / 1024} kB, proved."
        end
      end

      # @param words [Array<String>] where it is mirrored to
      def mirror(words)
        saying do
          database = Store::Place.database
          raise Fault, "No book yet at \"#{database}\". bin/serve makes it." unless File.file?(database)

          mirror = Store::Mirror.new(database, Store::Mirror.place(words.first.to_s)).begin
          puts "Mirrored to #{mirror.place}, until this is stopped.", *same_disk(mirror)
          $stdout.flush
          %w[INT TERM].each { |signal| trap(signal) { exit } }
          mirror.wait
        ensure
          mirror&.end
        end
      end

      # What is to be said of a mirror on the book's own disk.
      def same_disk(mirror)
        mirror.same_disk? ? "It is on the disk of the book itself: where that dies, both do." : nil
      end

      # @param words [Array<String>] the backup; or --mirror, its place, --at, a time
      def restore(words)
        saying do
          file = words.first or raise Fault, "Which backup? bin/restore FILE"
          database = Store::Place.database
          back = (file == "--mirror") ? from_mirror(database, words[1], words[3]) :
            Store::Restore.new(file, database).call
          puts "Back: #{back.jobs} jobs, #{back.openings} openings, #{back.entries} entries of the log, " \
            "#{back.pictures} pictures."
          puts "What was there is kept as #{back.kept}." if back.kept
        end
      end

      # What was mirrored is proved as any backup is, before anything is touched.
      def from_mirror(database, place, at)
        fetched = "#{database}.fetched"
        FileUtils.mkdir_p(File.dirname(database), mode: 0o700)
        Store::Mirror.new(database, Store::Mirror.place(place.to_s)).bring_back(fetched, at: at && moment(at))
        Store::Restore.new(fetched, database).call
      ensure
        FileUtils.rm_f(Dir["#{fetched}*"]) if fetched
      end

      # A moment that was typed; raises a Fault for what is none.
      def moment(text)
        Time.parse(text)
      rescue ArgumentError
        raise Fault, "\"#{text[0, 40]}\" is no time. Write it as \"2027-03-01 14:05\"."
      end

      # What bin/doctor says.
      def doctor
        saying do
          found = Doctor.new(Store::Place.database).found
          found.each { |one| puts one }
          exit 1 if found.any? { |one| one.level == :stop }
        end
      end

      # A fault is one sentence, without a trace.
      def saying
        yield
      rescue Fault => e
        abort e.words
      rescue *Store::Trouble::KINDS => e
        abort Store::Trouble.says(e) || "#{e.message}."
      end
    end
  end
end
