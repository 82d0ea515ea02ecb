# frozen_string_literal: true

module YellowTrack
  module Desk
    # What bin/backup, bin/restore and bin/doctor do, and say.
    module Keeping
      module_function

      # @param words [Array<String>] the folder, where it is not the one beside the book
      def backup(words)
        saying do
          made = Store::Backups.new(Store::Place.database, words.first).make
          puts "Backed up to #{made.path}, #{made.bytes / 1024} kB, proved."
        end
      end

      # @param words [Array<String>] the backup
      def restore(words)
        saying do
          file = words.first or raise Fault, "Which backup? bin/restore FILE"
          back = Store::Restore.new(file, Store::Place.database).call
          puts "Back: #{back.jobs} jobs, #{back.openings} openings, #{back.entries} entries of the log, " \
            "#{back.pictures} pictures."
          puts "What was there is kept as #{back.kept}." if back.kept
        end
      end

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
