# frozen_string_literal: true

require "rack"

module YellowTrack
  module Web
    # What comes in is looked at once, before any route sees it: too large a body,
    # what cannot be read as a form, bytes that are no text. Text is cleaned: no
    # NUL, no broken characters, no control characters but line feeds and tabs.
    class Door
      FORM = 1_200_000 # bytes of a request, but for a picture and a whole job
      PICTURE = 13 * 1024 * 1024
      ARCHIVE = 120 * 1024 * 1024
      ARCHIVES = "/jobs/archive"
      PICTURES = %r{\A/openings/\d{1,9}/pictures\z}
      STRAY = /[\u0000-\u0008\u000B\u000C\u000E-\u001F\u007F]/

      READ = "That could not be read. Nothing was changed."

      # @param app [#call]
      def initialize(app)
        @app = app
      end

      def call(env)
        return refused(400, "The address has bytes in it that are no text.") unless readable?(env)
        return refused(413, "That is more than this page takes. Nothing was changed.") if env["CONTENT_LENGTH"]
          .to_i > most(env)
        return refused(400, READ) unless parsed?(env)

        @app.call(env)
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

      private

      def most(env)
        return ARCHIVE if env["PATH_INFO"] == ARCHIVES

        PICTURES.match?(env["PATH_INFO"]) ? PICTURE : FORM
      end

      def readable?(env)
        path, query = [env["PATH_INFO"], env["QUERY_STRING"]].map do |text|
          Rack::Utils.unescape_path(text.to_s).dup.force_encoding(Encoding::UTF_8)
        end
        path.valid_encoding? && !path.include?("\0") && query.bytesize < FORM
      rescue ArgumentError
        false
      end

      # Whether query and form can be read at all.
      def parsed?(env)
        request = Rack::Request.new(env)
        request.GET
        request.POST if request.post?
        true
      rescue Rack::BadRequest, RangeError, ArgumentError, IOError, EncodingError
        false
      end

      def refused(status, says)
        [status, {"content-type" => "text/plain; charset=utf-8", "x-content-type-options" => "nosniff"}, ["#{says}\n"]]
      end
    end
  end
end
