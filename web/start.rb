# frozen_string_literal: true

require "fileutils"
require "optparse"

module YellowTrack
  module Web
    # What bin/serve and bin/demo do with their words.
    class Start
      OWN = "#{ROOT}/var/yellow-track.sqlite3"
      DEMO = "#{ROOT}/var/demo.sqlite3"

      # @param words [Array<String>] of the command line
      # @param demo [Boolean] on the demo's own database, never a fitter's
      def initialize(words, demo: false)
        @demo = demo
        @options = {port: Integer(ENV.fetch("PORT", Server::PORT)), host: "127.0.0.1"}
        parser.parse!(words)
      rescue OptionParser::ParseError => e
        abort "#{e.message}. It takes --port N and --host H#{" and --reset" if demo}."
      end

      def run
        Demo::Loader.new(DEMO).load(reset: @reset) if @demo
        Server.new(database: @demo ? DEMO : ENV.fetch("YELLOW_TRACK_DB", OWN), **@options).run
      end

      private

      def parser
        OptionParser.new do |options|
          options.on("--port N", Integer) { |port| @options[:port] = port }
          options.on("--host H") { |host| @options[:host] = host }
          options.on("--reset") { @reset = true } if @demo
        end
      end
    end
  end
end
