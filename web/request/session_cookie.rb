# frozen_string_literal: true

require "rack/session/cookie"

module YellowTrack
  module Web
    # The session in its sealed cookie. A browser sends the same one with every page of a day (SessionKept): what the
    # latest of them say is kept, and no seal is broken twice.
    class SessionCookie < Rack::Session::Cookie
      MOST = 64 # cookies whose words are kept

      # What seals, and remembers what it opened.
      class Opened
        # @param seal [Rack::Session::Encryptor]
        def initialize(seal)
          @seal = seal
          @kept = Latest.new(MOST)
        end

        # @return [String]
        def encrypt(session) = @seal.encrypt(session)

        # @param cookie [String]
        # @return [Hash] one's own, to be written into
        # @raise [Rack::Session::Encryptor::Error] for what was not sealed by it
        def decrypt(cookie) = Marshal.load(@kept.fetch(cookie) { Marshal.dump(@seal.decrypt(cookie)) })
      end

      # @return [Array<Opened>]
      def encryptors = @opened ||= super.map { |seal| Opened.new(seal) }
    end
  end
end
