# frozen_string_literal: true

require "json"
require "time"
require "yaml"

module YellowTrack
  module Store
    class Mirror
      # How the mirror of a book stands, by the files that it writes: what of the book was taken, and
      # what of that has arrived.
      class Standing
        OFTEN = 10 # seconds from one look into a mirror on another machine to the next
        SLOW = 2 # seconds that a write may be old before it is missed
        NUMBERS = /\A\h{16}-(\h{16})\.ltx\z/

        # Held by what mirrors the book, as long as it does.
        def self.file(database) = "#{database}.mirrored"

        # Where a mirror's settings are, beside the book.
        def self.settings(database) = "#{database}.mirror.yml"

        # What a mirror on another machine had, when it was asked last.
        def self.listed(database) = "#{database}.mirror.listed"

        # @param database [String] path of the book
        def initialize(database)
          @database = File.expand_path(database)
        end

        # Whether it was ever mirrored, and should be.
        def meant? = File.file?(Standing.settings(@database))

        # Whether something mirrors it now.
        def running?
          File.open(Standing.file(@database)) { |file| !file.flock(File::LOCK_SH | File::LOCK_NB) }
        rescue Errno::ENOENT
          false
        end

        # @return [String, nil] where it is mirrored to
        def place
          return unless meant?

          YAML.safe_load_file(Standing.settings(@database)).dig("dbs", 0, "replica", "url").delete_prefix("file://")
        end

        # How far it is behind.
        #
        # @param now [Time]
        # @return [Integer, nil] seconds since the first write that is not in it; nil where nothing
        #   is in it yet
        def behind(now = Time.now)
          last = arrived or return
          since = [missing_since(last), untaken_since].compact.min
          since ? [(now - since).ceil, 0].max : 0
        end

        # Whether that is too far, or nothing mirrors it though it should be.
        def late? = meant? && (!running? || (behind || LATE + 1) > LATE)

        private

        # Where the mirror is a folder its files tell; else what was noted of it.
        def arrived
          return newest(Dir["#{place}/ltx/*/*.ltx"]) if place.start_with?("/")

          listed = Standing.listed(@database)
          File.file?(listed) ? JSON.parse(File.read(listed))["last"] : nil
        rescue JSON::ParserError
          nil
        end

        def taken = Dir["#{File.dirname(@database)}/.#{File.basename(@database)}-litestream/ltx/0/*.ltx"]

        def number(path) = File.basename(path)[NUMBERS, 1]

        def newest(paths) = paths.filter_map { |path| number(path) }.max

        # When the first was taken that has not arrived.
        def missing_since(last)
          missing = taken.select { |path| number(path).to_s > last }
          missing.filter_map { |path| time(path) }.min
        end

        # When the book was written since the last that was taken.
        def untaken_since
          written, last = time("#{@database}-wal"), taken.filter_map { |path| time(path) }.max
          written if written && (last.nil? || written > last + SLOW)
        end

        def time(path)
          File.mtime(path)
        rescue Errno::ENOENT
          nil
        end
      end
    end
  end
end
