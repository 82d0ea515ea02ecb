# frozen_string_literal: true

require "fileutils"
require "puma"
require "puma/configuration"
require "puma/launcher"
require "securerandom"
require "socket"

module YellowTrack
  module Web
    # Starts the application on a database file.
    class Server
      PORT = 8642
      THREADS = [4, 24].freeze
      STOP = 2 # seconds that what is under way is waited for
      SAYS = "Something here failed. What was saved before is still there.\n"
      FAILED = [500, {"content-type" => "text/plain; charset=utf-8"}, [SAYS]].freeze
      SECRET = /\A\h{128}\z/

      # @param database [String] path of the file
      # @param host [String] address to listen on
      # @param port [Integer] the next free one is taken where it is in use
      # @param by_itself [String, nil] who is signed in without being asked
      # @param site [String, nil] the address that a proxy with TLS serves it at
      # @param mirror [String, nil] where the book is mirrored to meanwhile
      def initialize(database:, host: "127.0.0.1", port: PORT, by_itself: nil, site: nil, mirror: nil)
        @database = database
        @host = host
        @port = free(port)
        @by_itself, @site = by_itself, site
        @mirror = mirror && Store::Mirror.new(database, mirror)
      end

      # Where it answers.
      def address = "http://#{@host}:#{@port}"

      # Runs until it is stopped.
      def run
        @serving = Store::BookLock.shared(@database)
        book = Store::Book.open(@database)
        app = App.on(book, secret: Server.secret(@database), by_itself: @by_itself, site: @site)
        Intake.limits = app.settings.limits
        @mirror&.begin
        Store::Caretaker.new(book).begin
        launcher = Puma::Launcher.new(configuration(app),
          log_writer: Puma::LogWriter.new(File.open(File::NULL, "w"), $stderr))
        launcher.events.on_booted { $stdout.puts(*says(book)) || $stdout.flush }
        launcher.run
      ensure
        @mirror&.end
        book&.close
      end

      # The secret that sessions are signed with, kept beside the database, so
      # that a page left open outlives a restart. It is written whole or not at
      # all, by whichever server comes first.
      #
      # @param database [String] path of its file
      # @return [String]
      def self.secret(database)
        file = "#{database}.secret"
        FileUtils.mkdir_p(File.dirname(file))
        File.open("#{file}.lock", File::RDWR | File::CREAT, 0o600) do |lock|
          lock.flock(File::LOCK_EX)
          kept = File.exist?(file) ? File.read(file).strip : ""
          SECRET.match?(kept) ? kept : written(file, SecureRandom.hex(64))
        end
      end

      # What is answered to a request that could not even be read, with no trace for a browser.
      def self.unread(error)
        return FAILED unless error.is_a?(Puma::HttpParserError)

        error.message.match?(/longer than/i) ? FrontDoor.refused(414, FrontDoor::TOO_LONG) : FrontDoor.refused(400,
          Gate::READ)
      end

      # Writes a secret down where there is none yet.
      def self.written(file, secret)
        File.write("#{file}.new", secret, perm: 0o600)
        File.rename("#{file}.new", file)
        secret
      end
      private_class_method :written

      private

      def says(book)
        ["Yellow Track is at #{@site || address}",
          *("It is mirrored to #{@mirror.place}." if @mirror),
          *("It signs in by itself as #{@by_itself}, for this machine alone." if @by_itself),
          *("Nobody is in yet: the first page makes the first account." if book.accounts.none?)]
      end

      # What the application itself cannot answer has no trace for a browser, and no
      # body over the largest is taken in.
      def configuration(app)
        host, port = @host, @port
        Puma::Configuration.new do |puma|
          puma.bind "tcp://#{host}:#{port}"
          puma.threads(*THREADS)
          puma.force_shutdown_after STOP
          puma.app app
          puma.http_content_length_limit Limits::ARCHIVE
          puma.lowlevel_error_handler { |error, *| Server.unread(error) }
        end
      end

      def free(port)
        TCPServer.new(@host, port).close
        port
      rescue Errno::EADDRINUSE
        server = TCPServer.new(@host, 0)
        server.addr[1].tap { server.close }
      end
    end
  end
end
