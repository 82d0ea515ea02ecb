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
      THREADS = [1, 5].freeze

      # @param database [String] path of the file
      # @param host [String] address to listen on
      # @param port [Integer] the next free one is taken where it is in use
      def initialize(database:, host: "127.0.0.1", port: PORT)
        @database = database
        @host = host
        @port = free(port)
      end

      def address = "http://#{@host}:#{@port}"

      # Runs until it is stopped.
      def run
        app = App.on(Store::Book.open(@database), secret:)
        host, port = @host, @port
        configuration = Puma::Configuration.new do |puma|
          puma.bind "tcp://#{host}:#{port}"
          puma.threads(*THREADS)
          puma.app app
        end
        launcher = Puma::Launcher.new(configuration, log_writer: Puma::LogWriter.new(File.open(File::NULL, "w"), $stderr))
        launcher.events.on_booted { $stdout.puts "Yellow Track is at #{address}" and $stdout.flush }
        launcher.run
      end

      private

      # The secret that sessions are signed with, kept beside the database, so
      # that a page left open outlives a restart.
      def secret
        file = "#{@database}.secret"
        FileUtils.mkdir_p(File.dirname(file))
        File.write(file, SecureRandom.hex(64), perm: 0o600) unless File.exist?(file)
        File.read(file)
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
