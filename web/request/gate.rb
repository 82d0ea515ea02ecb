# frozen_string_literal: true

module YellowTrack
  module Web
    # Whoever sends something is known before it is read: signed in; for a file, from a page of his
    # own, by the token in the address that it is sent to.
    class Gate
      READ = "That could not be read. Nothing was changed."
      TOKEN = "authenticity_token"

      # @param app [#call]
      def initialize(app)
        @app, @token = app, PageToken.new(app)
      end

      # Lets a request on, or says why not.
      def call(env)
        return @app.call(env) unless env["REQUEST_METHOD"] == "POST"
        return FrontDoor.refused(401, Admission::AWAY) unless env[SignIn::ACCOUNT]

        file = env["CONTENT_TYPE"].to_s.match?(%r{\Amultipart/}i)
        return FrontDoor.refused(415, READ) if file && !Limits::FILES.match?(env["PATH_INFO"])
        return FrontDoor.refused(403, App::STALE) if file && !token?(env)

        @app.call(env)
      end

      private

      def token?(env)
        given = Rack::Utils.parse_query(env["QUERY_STRING"].to_s)[TOKEN] || env["HTTP_X_CSRF_TOKEN"]
        @token.accepts?(env.merge("HTTP_X_CSRF_TOKEN" => given.to_s, "rack.input" => nil, "CONTENT_TYPE" => nil,
          "CONTENT_LENGTH" => "0"))
      end
    end
  end
end
