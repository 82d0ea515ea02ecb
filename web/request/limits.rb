# frozen_string_literal: true

require "rack"

module YellowTrack
  module Web
    # How much of a body is taken, by what can be told before it is: where it goes, whether whoever
    # sends it was ever signed in here, and the pass that a page gave him.
    class Limits
      STRANGER = 64 * 1024 # bytes from who has no session, and of what signs in
      FORM = 1_200_000 # of a form
      PICTURE = 13 * 1024 * 1024
      ARCHIVE = 120 * 1024 * 1024
      ARCHIVES = "/jobs/archive"
      PICTURES = %r{\A/(?:openings/\d{1,9}|along)/pictures\z}
      FILES = Regexp.union(PICTURES, %r{\A#{ARCHIVES}\z}o, %r{\A/jobs/\d{1,9}/file\z}, %r{\A/kits/file\z})
      WAYS_IN = %r{\A/account/}
      COOKIE = /(?:\A|;\s*)yellow-track=/
      OFTEN, WHILE = 60, 60 # so many large ones of one account, in so many seconds
      ENCODED = "Say how long it is: what comes in pieces is not taken. Nothing was changed."
      TOO_MUCH = "That is more than this page takes. Nothing was changed."
      TOO_OFTEN = "Too often. Wait a minute, then send it again. Nothing was changed."
      REFUSED = "yellow-track.refused" # in a request's env: why its body was not taken

      # @param pass [Pass]
      def initialize(pass)
        @pass, @counts = pass, Rates::Counts.new
      end

      # Why a body is not taken.
      #
      # @param env [Hash] of a request whose head was read
      # @param counted [Boolean] whether it counts among those that an account may send
      # @return [Array(Integer, String), nil] a status and a sentence; nil where it is taken
      def refusal(env, counted: false)
        return [411, ENCODED] if env["HTTP_TRANSFER_ENCODING"]

        length = env["CONTENT_LENGTH"].to_i
        return [413, TOO_MUCH] if length > most(env)

        [429, TOO_OFTEN] if counted && length > FORM && often?(env)
      end

      private

      def pass(env) = env["QUERY_STRING"].to_s[/(?:\A|&)pass=([\h-]+)/, 1]

      def often?(env) = @counts.increment(pass(env)[/\A\d+/], expires_in: WHILE) > OFTEN

      def most(env)
        path = Rack::Utils.unescape_path(env["PATH_INFO"] || env["REQUEST_PATH"].to_s)
        return STRANGER if WAYS_IN.match?(path) || !COOKIE.match?(env["HTTP_COOKIE"].to_s)
        return FORM unless @pass.good?(pass(env))
        return ARCHIVE if path == ARCHIVES

        PICTURES.match?(path) ? PICTURE : FORM
      end
    end
  end
end
