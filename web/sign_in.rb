# frozen_string_literal: true

require "rack/protection"
require "roda"
require "rodauth"

module YellowTrack
  module Web
    # Who comes in: accounts, sessions, the second factor, by rodauth. It stands before the
    # application, answers under /account/, and tells the application who asks.
    class SignIn < Roda
      ACCOUNT = "yellow-track.account" # in a request's env: who is signed in, nil for nobody
      RODAUTH = "yellow-track.rodauth" # and what knows more of it
      HERE = %w[127.0.0.1 ::1].freeze

      plugin :middleware
      plugin :cookies

      # What the database cannot do is a sentence here as well.
      plugin :error_handler do |error|
        says = Store::Trouble.says(error)
        says ? warn("Yellow Track: #{says}") : warn(error.full_message(highlight: false))
        response.status = says ? 503 : 500
        response["content-type"] = "text/plain; charset=utf-8"
        says ? "#{says} Nothing was saved by this; what was saved before is as it was.\n" : Server::SAYS
      end

      # What of it stands on one book.
      #
      # @param book [Store::Book]
      # @param secret [String]
      # @param by_itself [String, nil] who is signed in on this machine without being asked:
      #   the demo's, and nobody else's
      # @param site [String, nil] the address that a proxy serves it at
      # @param inside [Boolean] whether it is asked by a command, and not by browsers
      # @return [Class] a Rack middleware
      def self.on(book, secret:, by_itself: nil, site: nil, inside: false)
        Class.new(self) do
          opts[:book], opts[:by_itself] = book, by_itself
          plugin(:rodauth, csrf: false, flash: false, render: false) { Rules.lay(self, book:, secret:, site:, inside:) }
        end
      end

      route do |r|
        come_in_by_itself(r)
        env[ACCOUNT], env[RODAUTH] = account, rodauth
        read(r) if r.path_info.start_with?("/account/")
        r.rodauth
      end

      private

      # A form of its own, once it can be read and was sent by a page.
      def read(request)
        refuse(415, Gate::READ) if request.post? && request.media_type == "multipart/form-data"
        refuse(400, Gate::READ) unless Legible.readable?(env)
        refuse(403, App::STALE) unless PageToken.new(nil).accepts?(env)
        request.params.replace(Legible.clean(request.params))
      end

      def refuse(status, says)
        response.status = status
        response["content-type"] = "text/plain; charset=utf-8"
        response.write(says)
        request.halt(response.finish)
      end

      # Who is signed in on this device; a session that was ended elsewhere is none.
      def account
        return unless rodauth.logged_in?

        found = rodauth.active_account
        return found if found

        rodauth.clear_session
        session["said"] = "You were signed out. Sign in again."
        nil
      end

      def come_in_by_itself(request)
        name = opts[:by_itself] or return
        session.delete("stays_out") if request.GET["again"]
        return if rodauth.logged_in? || session["stays_out"] || request.path_info.start_with?("/account/")
        return unless HERE.include?(env["REMOTE_ADDR"])

        rodauth.account_from_login(Store::Accounts.login(name)) && rodauth.login_session("demo")
      end
    end
  end
end
