# frozen_string_literal: true

require "net/http"
require "uri"

module YellowTrack
  module Bench
    # A browser without a screen: it keeps its cookies, and signs in by the page for that.
    class Visitor
      TOKEN = /name="authenticity_token" value="([^"]+)"/

      # @param http [Net::HTTP]
      # @param cookie [String, nil] of one who is signed in
      def initialize(http, cookie = nil)
        @http = http
        @cookies = cookie.to_s.split("; ").to_h { |one| one.split("=", 2) }
      end

      # @return [String] the cookies that it goes by
      def cookie = @cookies.map { |name, value| "#{name}=#{value}" }.join("; ")

      # @return [Net::HTTPResponse]
      def get(path, head = {}) = kept(@http.get(path, told(head)))

      # @return [Net::HTTPResponse]
      def post(path, body, head = {}) = kept(@http.post(path, body, told(head)))

      # @return [String] the cookie, with the token that every page of it has
      def sign_in(name, password)
        token = get("/account/sign-in").body[TOKEN, 1]
        answer = post("/account/sign-in", URI.encode_www_form(authenticity_token: token, name:, password:))
        raise "not signed in: #{answer.code}" unless answer["location"]&.end_with?("/")

        get("/") && cookie
      end

      private

      def told(head) = {"Cookie" => cookie, **head}

      def kept(answer)
        @cookies.update((answer.get_fields("set-cookie") || []).to_h { |one| one[/\A[^;]+/].split("=", 2) })
        answer
      end
    end
  end
end
