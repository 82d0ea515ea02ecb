# frozen_string_literal: true

require "date"
require "fileutils"
require "sqlite3"
require "time"

module YellowTrack
  module Store
    # Backups of a book in a folder: dated copies, each proved before it has its name; of
    # those before, the last of 7 days, of 4 weeks and of 12 months stay.
    class Backups
      ENDS = /-(\d{4}-\d\d-\d\dT\d{6})\.sqlite3\z/
      STAMP = "%Y-%m-%dT%H%M%S"
      DAY = 24 * 3600
      LATE = 2 * DAY # seconds without a good one, after which it is told
      KEPT = {"%Y-%m-%d" => 7, "%G-%V" => 4, "%Y-%m" => 12}.freeze

      # One that was made. path; at, when; bytes.
      Made = Struct.new(:path, :at, :bytes, keyword_init: true)

      # @param database [String] path of the book
      # @param folder [String] that the backups go to
      def self.folder(database) = "#{File.dirname(database)}/backups"

      # @return [String]
      attr_reader :folder

      # @param database [String] path of the book
      # @param folder [String, nil] beside it where nothing is said
      def initialize(database, folder = nil)
        @database = database
        @folder = folder || Backups.folder(database)
      end

      # Makes one, and lets go of those that are too many.
      #
      # @param now [Time]
      # @return [Made]
      # @raise [Copy::Unsound] where it does not prove whole
      def make(now: Time.now)
        path = "#{folder}/#{name}-#{now.strftime(STAMP)}.sqlite3"
        Copy.sweep(folder)
        Copy.make(@database, path) { |rough| keep_secret(rough) }
        prune
        forgive
        made(path)
      rescue Fault, *Trouble::KINDS => e
        note_failure(e)
        raise
      end

      # Why the last one failed; nil where it did not.
      #
      # @return [String, nil]
      def failure = File.file?(failed) ? File.read(failed).strip : nil

      # Copies that were cut off, which the next one sweeps away.
      #
      # @return [Array<String>] paths
      def left_over = Copy.left_over(folder)

      # @return [Array<Made>] the latest first
      def all
        Dir["#{folder}/#{name}-*.sqlite3"]
          .select { |path| path.delete_prefix("#{folder}/#{name}").match?(/\A#{ENDS}/o) }.sort.reverse
          .map { |path| made(path) }
      end

      # @return [Made, nil] the latest
      def last = all.first

      # Whether one is due: none was made for a day. One that is dated after now was made
      # before the clock was set back, and says nothing.
      def due?(now = Time.now) = none_since?(now, DAY)

      # Whether the last one is too long ago.
      def late?(now = Time.now) = none_since?(now, LATE)

      private

      def failed = "#{folder}/#{name}.failed"

      def forgive = FileUtils.rm_f(failed)

      # A disk that takes no more does not take this either: then its own fault is told alone.
      def note_failure(error)
        FileUtils.mkdir_p(folder, mode: 0o700)
        File.write(failed, Trouble.says(error) || error.message, perm: 0o600)
      rescue SystemCallError
        nil
      end

      def none_since?(now, seconds) = all.none? { |one| (now - one.at).between?(0, seconds - 1) }

      # Books that lie beside each other have backups of their own.
      def name = File.basename(@database, ".*")

      def made(path)
        Made.new(path:, at: Time.strptime(path[ENDS, 1], STAMP), bytes: File.size(path))
      end

      # The secret that sessions are signed with goes along inside.
      def keep_secret(rough)
        secret = "#{@database}.secret"
        return unless File.file?(secret)

        db = SQLite3::Database.new(rough)
        db.execute("CREATE TABLE IF NOT EXISTS kept_secret (value TEXT)")
        db.execute("INSERT INTO kept_secret VALUES (?)", [File.read(secret).strip])
      ensure
        db&.close
      end

      # The first of each day, week and month that is kept: the latest of it.
      def prune
        kept = KEPT.flat_map { |form, most|
          all.group_by { |one| one.at.strftime(form) }.values.first(most).map(&:first)
        }
        (all.map(&:path) - kept.map(&:path)).each { |path| File.delete(path) }
      end
    end
  end
end
