# frozen_string_literal: true

require "fileutils"
require "optparse"

module YellowTrack
  module Web
    # What bin/serve and bin/demo do with their words.
    class Start
      DEMO = "#{ROOT}/var/demo.sqlite3"
      HERE = "127.0.0.1"

      # @param words [Array<String>] of the command line
      # @param demo [Boolean] on the demo's own database, never a fitter's
      def initialize(words, demo: false)
        @demo = demo
        @options = {port: Start.port(ENV.fetch("PORT", Server::PORT.to_s), "PORT"), host: HERE,
                    site: Start.site(ENV.fetch("YELLOW_TRACK_SITE", "")), mirror: demo ? nil : Start.mirror}
        rest = parser.parse(words)
        wrong "\"#{rest.first[0, 40]}\" is no word for it. It takes options alone." if rest.any?
      rescue OptionParser::ParseError => e
        wrong "#{e.message}. It takes --port N, --host H and --site https://NAME#{", and --reset" if demo}."
      rescue Fault => e
        wrong e.words
      end

      # Starts, and says where.
      def run
        Demo::Loader.new(DEMO).load(reset: @reset) if @demo
        somebody! unless here?
        Server.new(database:, by_itself: (Demo::Loader::SIGNED_IN if @demo && here?), **@options).run
      rescue Fault => e
        abort e.words
      rescue SocketError, *Store::Trouble::KINDS => e
        abort Start.says(e, **@options.slice(:host, :port))
      end

      # A port as it was given.
      #
      # @raise [Fault]
      def self.port(text, name)
        number = Integer(text, 10, exception: false)
        return number if number&.between?(1, 65_535)

        raise Fault.new("#{name} is \"#{text[0, 40]}\": it takes a number from 1 to 65535.", key: name)
      end

      # The address that a proxy serves it at; nil for none.
      #
      # @raise [Fault]
      def self.site(text)
        return if text.empty?
        return text.chomp("/") if text.match?(%r{\Ahttps?://[\w.-]+(:\d+)?/?\z})

        raise Fault.new("\"#{text[0, 60]}\" is no address of a site: it takes one as https://yellow-track.example.",
          key: "site")
      end

      # Where the book is mirrored to; nil for nowhere.
      #
      # @raise [Fault]
      def self.mirror
        text = ENV.fetch(Store::Mirror::NAME, "")
        text.empty? ? nil : Store::Mirror.place(text)
      end

      # Why it cannot start, in a sentence.
      def self.says(error, host:, port:)
        case error
        when Errno::EADDRNOTAVAIL, SocketError then "\"#{host}\" is no address of this machine. Leave --host out, or " \
          "give one of its own."
        when Errno::EACCES, Errno::EPERM
          "#{error.message.sub(/\A.* - /, "")}: not for this user. A port from 1024 on, and a folder of one's own, do."
        else Store::Trouble.says(error) || "#{error.message}."
        end
      end

      private

      def wrong(says) = YellowTrack::Files::Help.wrong(says)

      # Whether nobody but this machine reaches it.
      def here? = @options[:host] == HERE && @options[:site].nil?

      # Others reach it: somebody has to be let in by a password, and nobody without.
      def somebody!
        book = Store::Book.open(database)
        return if book.accounts.any_password?

        raise Fault.new("Others would reach it at #{@options[:site] || @options[:host]}, and it has no account yet: " \
          "nobody could sign in, and whoever came first could make himself one. Make the first with " \
          "#{"YELLOW_TRACK_DB=#{database} " if @demo}bin/account add NAME, then start it again.", key: "account")
      ensure
        book&.close
      end

      def database = @demo ? DEMO : Store::Place.database

      def parser
        OptionParser.new do |options|
          options.on("--port N") { |port| @options[:port] = Start.port(port, "--port") }
          options.on("--host H") { |host| @options[:host] = host }
          options.on("--site URL") { |site| @options[:site] = Start.site(site) }
          options.on("--reset") { @reset = true } if @demo
        end
      end
    end
  end
end
