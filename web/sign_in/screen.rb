# frozen_string_literal: true

module YellowTrack
  module Web
    class SignIn
      # A page of the way in: sign in, join, a new password, the second factor.
      class Screen < Web::Screen
        TITLES = {"login" => "Sign in", "logout" => "Sign out", "create-account" => "Come in",
                  "change-password" => "Another password", "reset-password" => "A new password",
                  "otp-setup" => "Second factor", "otp-auth" => "The code", "otp-disable" => "Second factor off",
                  "recovery-auth" => "A recovery code", "recovery-codes" => "Recovery codes",
                  "add-recovery-codes" => "Recovery codes"}.freeze

        # @param page [String] as rodauth calls it
        # @param rodauth [Rodauth::Auth]
        # @return [String] HTML
        def self.show(page, rodauth)
          session = rodauth.session
          View.new(token: PageToken.token(session)).page(new(page, rodauth))
        end

        # @return [String, nil] what was said where this page was come from
        attr_reader :said

        # @param page [String] of rodauth's; rodauth itself
        def initialize(page, rodauth)
          super(nil, visitor: nil)
          @page, @rodauth = page, rodauth
          @said = rodauth.session.delete("said")
        end

        # The template that it is drawn with.
        def template = "sign_in/#{@page.tr("-", "_")}"

        # What stands in the window's own line.
        def title = TITLES.fetch(@page)

        # Nobody is in yet: no ways lead from here.
        def ways? = false

        # What was typed at a name.
        def typed_at(name) = @rodauth.param(name)

        # What is wrong with it.
        def error(*names) = names.filter_map { |name| @rodauth.field_error(name) }.first

        # @return [String, nil]
        def firm = @rodauth.book.accounts.firm

        # What lets somebody in; nil without a link.
        def invitation = @rodauth.invitation

        # Whether it is the first account of all.
        def first? = invitation.nil?

        # Characters that a password has at least.
        def least = Rules::LEAST

        # Who is signed in without being asked, where that is the demo's.
        def by_itself = @rodauth.scope.opts[:by_itself]

        # What the second factor is made of: its picture, and its letters in fours.
        def picture = @rodauth.otp_qr_code.sub("<svg", '<svg role="img" aria-label="The same as a picture"')

        # What the second factor's program is given.
        def secret = @rodauth.otp_user_key

        # The same, four characters at a time.
        def in_fours = secret.upcase.scan(/.{1,4}/).join(" ")

        # Codes for the day when the second factor is lost.
        def codes = @rodauth.recovery_codes
      end
    end
  end
end
