# frozen_string_literal: true

require "net/http"
require "uri"

module YellowTrack
  module Bench
    # A browser without a screen: it keeps its cookie, and signs in by the page for that.
    class Visitor
      TOKEN = /name="authenticity_token" value="([^"]+)"/

      # @return [String, nil] the cookie that it goes by
      attr_reader :cookie

      # @param http [Net::HTTP]
      # @param cookie [String, nil] of one who is signed in
      def initialize(http, cookie = nil)
        @http, @cookie = http, cookie
      end

      # @return [Net::HTTPResponse]
      def get(path, head = {}) = kept(@http.get(path, told(head)))

      # @return [Net::HTTPResponse]
      def post(path, body, head = {}) = kept(@http.post(path, body, told(head)))

      # @return [String] the cookie, with the token that every page of it has
      def sign_in(name, password)
        token = get("/account/sign-in").body[TOKEN, 1]
        answer = post("/account/sign-in", URI.encode_www_form(authenticity_token: token, name:, password:))
        raise "not signed in: #{answer.code}" unless answer["location"]&.end_with?("/")

        get("/") && @cookie
      end

      private

      def told(head) = {"Cookie" => @cookie, **head}.compact

      def kept(answer)
        @cookie = answer["set-cookie"][/\A[^;]+/] if answer["set-cookie"]
        answer
      end
    end
  end
end
