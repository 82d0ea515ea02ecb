# frozen_string_literal: true

require "rack/session/abstract/id"

module YellowTrack
  module Web
    # A session is sent back once it says something else, and once a day: not with every page. A page that comes late
    # takes nothing back that another window's put into it meanwhile, and none is sealed for nothing.
    class SessionKept
      DAY = 24 * 3600 # seconds after which the same is sent anew, so that it does not grow too old
      SENT = "sent" # its key: on which day that was, counted from the first of all days

      # @param app [#call]
      def initialize(app) = @app = app

      # Lets a request on.
      def call(env)
        session = env[Rack::RACK_SESSION]
        came = told(session)
        @app.call(env).tap do
          session[SENT] = Time.now.to_i / DAY
          session.options[:skip] = true if same?(session, came)
        end
      end

      private

      # A copy of what it says, which nothing that is done to it alters.
      def told(session) = Marshal.dump(session.to_hash)

      def same?(session, came) = session.options.values_at(:renew, :drop).none? && told(session) == came
    end
  end
end
