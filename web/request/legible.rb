# frozen_string_literal: true

require "rack"

module YellowTrack
  module Web
    # Whether a query and a form can be read at all. Their text is cleaned: no NUL, no broken
    # characters, no control characters but line feeds and tabs.
    class Legible
      STRAY = /[\u0000-\u0008\u000B\u000C\u000E-\u001F\u007F]/

      # @param app [#call]
      def initialize(app)
        @app = app
      end

      # Lets a request on that can be read.
      def call(env) = Legible.readable?(env) ? @app.call(env) : FrontDoor.refused(400, Gate::READ)

      # Whether query and form of a request can be read.
      def self.readable?(env)
        request = Rack::Request.new(env)
        request.GET
        request.POST if request.post?
        true
      rescue Rack::BadRequest, RangeError, ArgumentError, IOError, EncodingError
        false
      end

      # Text with nothing in it that no keyboard has.
      #
      # @param value [Object] text is cleaned; lists and groups are walked
      def self.clean(value)
        case value
        when String then value.dup.force_encoding(Encoding::UTF_8).scrub("?").gsub(STRAY, "")
        when Array then value.map { |inner| clean(inner) }
        when Hash then value.to_h { |key, inner| [key.is_a?(String) ? clean(key) : key, clean(inner)] }
        else value
        end
      end
    end
  end
end
