# frozen_string_literal: true

module YellowTrack
  module Web
    # Who asks, and whether he may: looked at before every route.
    module Admission
      AWAY = "You are signed out. Sign in in another window: what you typed is sent again then."
      FIRST = "/account/join"

      # @return [Store::Accounts::Account, nil]
      def account = request.env[SignIn::ACCOUNT]

      # Who looks after accounts and sessions.
      def rodauth = request.env[SignIn::RODAUTH]

      # Whether whoever asks may send that, or ask for it.
      def may?(path, key: nil, verb: "POST", role: account&.role) = Rights.may?(role, verb, path, key:)

      # Lets the request on, or halts.
      def admit
        signed_in = account && rodauth.authenticated?
        return if (signed_in && here?(account.role)) || here?(nil)

        turn_away unless signed_in
        status 403
        halt kept_from(Rights.says(account.role))
      end

      private

      # Whether a role may do what is asked for.
      def here?(role) = may?(request.path_info, key: params["key"], verb: request.request_method, role:)

      # To the way in, and back to where he was going.
      def turn_away
        halt 401, {"content-type" => "text/plain"}, AWAY unless page?
        return redirect(FIRST, 303) if book.accounts.none?

        kept = account ? "two_factor_auth_redirect" : "login_redirect"
        session[kept] = request.fullpath if request.fullpath.match?(%r{\A/[^/\\]})
        redirect(account ? rodauth.otp_auth_path : rodauth.login_path, 303)
      end

      def page? = (request.get? || request.head?) && !htmx? && !request.xhr?

      def kept_from(says) = htmx? ? says : show(Said.new("Not yours to do", says, visitor:))
    end
  end
end
