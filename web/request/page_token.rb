# frozen_string_literal: true

require "rack/protection"

module YellowTrack
  module Web
    # What lets a form of one's own session in. Every page has it, masked anew: what is masked is worked out once for
    # each session.
    class PageToken < Rack::Protection::AuthenticityToken
      KNOWN = Latest.new(64) # by their sessions' secrets
      private_constant :KNOWN

      private

      def global_token(session) = KNOWN.fetch(session[options[:key]]) { super }
    end
  end
end
