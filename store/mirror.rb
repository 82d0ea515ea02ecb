# frozen_string_literal: true

require "fileutils"
require "json"
require "open3"
require "tempfile"
require "time"
require "yaml"

module YellowTrack
  module Store
    # The book mirrored as it is written, to another disk or another machine. The engine for it is
    # Litestream; this has it run, and tells how far behind the mirror is.
    class Mirror
      LATE = 60 # seconds behind, after which it is told
      KEPT = "168h" # that the mirror can be brought back to any moment of
      WHOLE = "24h" # from one whole copy in it to the next
      REMOTE = %r{\A(?:sftp|s3)://[^\s]+\z}
      PAUSE = 5 # seconds before an engine that ended is started again
      END_IN = 4 # seconds that it has to end
      NAME = "YELLOW_TRACK_MIRROR"

      # Where a mirror is, as it was said.
      #
      # @param text [String] a folder, sftp://… or s3://…
      # @param from [String] the folder where whoever says it stands
      # @return [String]
      # @raise [Fault]
      def self.place(text, from: Dir.pwd)
        return text.chomp("/") if REMOTE.match?(text)
        return File.expand_path(text, from) unless text.strip.empty? || text.match?(%r{\A\w+://})

        raise Fault.new("\"#{text[0, 60]}\" is no place for a mirror: it takes a folder on another disk, sftp://… or " \
          "s3://….", key: "mirror")
      end

      # @return [String] where it is
      attr_reader :place

      # @param database [String] path of the book
      # @param place [String] as Mirror.place gives it
      def initialize(database, place)
        @database, @place = File.expand_path(database), place
      end

      # Begins it, and has it run until it is ended.
      #
      # @raise [Fault] where there is no engine for this machine, or the place cannot be written
      def begin
        @engine = Engine.path
        FileUtils.mkdir_p(place, mode: 0o700) unless remote?
        write_settings
        @lock = File.open(Standing.file(@database), File::RDWR | File::CREAT, 0o600)
        raise Fault.new("It is mirrored already.", key: "mirror") unless @lock.flock(File::LOCK_EX | File::LOCK_NB)

        @lock.truncate(0) && @lock.write(JSON.generate(place:)) && @lock.flush
        @over = false
        @keeper = Thread.new { keep_running }
        self
      rescue SystemCallError => e
        raise Fault.new("The mirror at \"#{place}\" cannot be written: #{e.message}.", key: "mirror")
      end

      # Ends it, with what was written last in it.
      def end
        @over = true
        stop
        @keeper&.join
        @lock&.close
      end

      # Waits as long as it runs.
      def wait = @keeper.join

      # Brings what is mirrored back, to a file of its own.
      #
      # @param to [String] path
      # @param at [Time, nil] as it was then; nil for the latest
      # @raise [Fault]
      def bring_back(to, at: nil)
        FileUtils.rm_f(Dir["#{to}*"])
        time = at ? ["-timestamp", at.utc.iso8601] : []
        out, status = Tempfile.create("mirror") do |file|
          file.write(told.to_yaml) && file.flush
          Open3.capture2e(Engine.path, "restore", "-config", file.path, "-o", to, *time, @database)
        end
        return if status.success? && File.file?(to)

        raise Fault.new("Nothing could be brought back from \"#{place}\": #{out.lines.last.to_s.strip[0, 200]}",
          key: "mirror")
      end

      # @return [Boolean] whether it lies on the disk of the book, and dies with it
      def same_disk? = !remote? && File.stat(File.dirname(@database)).dev == File.stat(place).dev

      private

      def remote? = REMOTE.match?(place)

      # Books that are mirrored to one place have a name each.
      def where
        path = "#{place}/#{File.basename(@database, ".*")}"
        remote? ? path : "file://#{path}"
      end

      def settings = Standing.settings(@database)

      # What the engine is told: for another machine the key that lets it in, and the one that the
      # machine is known by, where they are said.
      def told
        replica = {"url" => where, "key-path" => ENV["YELLOW_TRACK_MIRROR_KEY"],
                   "host-key" => ENV["YELLOW_TRACK_MIRROR_HOST_KEY"]}.compact
        {"logging" => {"level" => "warn"}, "snapshot" => {"interval" => WHOLE, "retention" => KEPT},
         "dbs" => [{"path" => @database, "replica" => replica}]}
      end

      def write_settings = File.write(settings, told.to_yaml, perm: 0o600)

      # An engine that ends by itself is started again.
      def keep_running
        until @over
          @pid = spawn(@engine, "replicate", "-config", settings, out: File::NULL, err: File::NULL, pgroup: true)
          watch
          sleep PAUSE unless @over
        end
      end

      def watch
        list = remote? ? Thread.new { loop { note_listed && sleep(Standing::OFTEN) } } : nil
        Process.wait(@pid)
      ensure
        list&.kill
      end

      # What is in a mirror on another machine is asked of it, and noted.
      def note_listed
        out, _, status = Open3.capture3(@engine, "ltx", "-config", settings, "-level", "all", "-json", @database)
        last = status.success? ? JSON.parse(out).map { |one| one["max_txid"].to_s }.max : nil
        File.write(Standing.listed(@database), JSON.generate(last:, at: Time.now.utc.iso8601), perm: 0o600) if last
        true
      rescue JSON::ParserError
        true
      end

      def stop
        Process.kill(:TERM, @pid) if @pid
        deadline = Time.now + END_IN
        sleep 0.05 while @keeper&.alive? && Time.now < deadline
        Process.kill(:KILL, @pid) if @keeper&.alive? && @pid
      rescue Errno::ESRCH
        nil
      end
    end
  end
end
