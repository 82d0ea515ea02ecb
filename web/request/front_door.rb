# frozen_string_literal: true

require "rack"

module YellowTrack
  module Web
    # What comes in is looked at once, before anyone else sees it: an address that is read one way
    # only, and no more of a body than is taken there.
    class FrontDoor
      LONGEST = 8_000 # bytes of an address
      TOO_LONG = "That address is longer than #{LONGEST} characters. Nothing was changed."

      # @param app [#call]
      # @param limits [Limits]
      def initialize(app, limits)
        @app, @limits = app, limits
      end

      # The path goes on decoded: who may and what is done are told by the same letters.
      def call(env)
        path = Rack::Utils.unescape_path(env["PATH_INFO"]).dup.force_encoding(Encoding::UTF_8)
        return FrontDoor.refused(400, "The address has bytes in it that are no text.") unless text?(path)
        return FrontDoor.refused(400, "The address reads in more than one way.") unless plain?(path)
        return FrontDoor.refused(414, TOO_LONG) if path.bytesize + env["QUERY_STRING"].to_s.bytesize > LONGEST

        Rack::Request.new(env).GET
        why = env[Limits::REFUSED] || @limits.refusal(env)
        why ? FrontDoor.refused(*why) : @app.call(env.merge!("PATH_INFO" => path))
      rescue Rack::BadRequest, RangeError, ArgumentError, EncodingError
        FrontDoor.refused(400, "The address has bytes in it that are no text.")
      end

      # @return [Array] a Rack answer
      def self.refused(status, says)
        [status, {"content-type" => "text/plain; charset=utf-8", "x-content-type-options" => "nosniff"}, ["#{says}\n"]]
      end

      private

      # Of the query nothing is asked here: its bytes are cleaned where it is read (Legible).
      def text?(path) = path.valid_encoding? && !path.include?("\0")

      # What does not decode to itself is none of ours.
      def plain?(path) = Rack::Utils.unescape_path(path) == path
    end
  end
end
