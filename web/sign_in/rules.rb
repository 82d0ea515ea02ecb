# frozen_string_literal: true

module YellowTrack
  module Web
    class SignIn
      # How rodauth is to work here, and in whose words.
      module Rules
        FEATURES = %i[login logout create_account change_password reset_password disallow_common_passwords
          active_sessions otp recovery_codes].freeze
        LEAST, MOST = 10, 72 # characters, and bytes, of a password
        CODES = 8 # that stand in for the second factor
        ROUTES = {login_route: "sign-in", logout_route: "sign-out", create_account_route: "join",
                  change_password_route: "password", reset_password_route: "new-password",
                  otp_setup_route: "second-factor", otp_auth_route: "code", otp_disable_route: "one-factor",
                  recovery_auth_route: "recovery", recovery_codes_route: "recovery-codes"}.freeze
        NONE = %i[reset_password_request_route two_factor_manage_route two_factor_disable_route].freeze
        FIXED = {accounts_table: :accounts, login_column: :login, login_param: "name", login_label: "Name",
                 require_mail?: false, require_login_confirmation?: false, require_password_confirmation?: false,
                 require_email_address_logins?: false, skip_status_checks?: false, set_deadline_values?: true,
                 account_unverified_status_value: Store::Accounts::CLOSED, # found, and not let in
                 session_inactivity_deadline: nil, session_lifetime_deadline: nil,
                 reset_password_email_last_sent_column: nil, reset_password_deadline_interval: {days: 3}.freeze,
                 password_minimum_length: LEAST, password_maximum_bytes: MOST,
                 auto_add_recovery_codes?: true, auto_remove_recovery_codes?: true, recovery_codes_limit: CODES,
                 recovery_codes_param: "recovery", new_password_param: "new", otp_auth_param: "code"}.freeze
        TOGETHER = "Name and password do not go together."
        WORDS = {no_matching_login_message: TOGETHER, invalid_password_message: TOGETHER,
                 invalid_previous_password_message: "That is not the password that you have now.",
                 unverified_account_message: "This account is closed. Ask a fitter of the firm.",
                 already_an_account_with_this_login_message: "Someone of the firm has this name already. Add a letter.",
                 password_too_short_message: "It takes #{LEAST} characters or more. A sentence is easy to keep in mind",
                 password_too_many_bytes_message: "It takes #{MOST} characters at most",
                 password_is_one_of_the_most_common_message: "It is one of those that are tried first. Take another",
                 same_as_existing_password_message: "That is the one that you have now. Take another.",
                 otp_invalid_auth_code_message: "That is not the code that shows now. Wait for the next one.",
                 otp_invalid_secret_message: "The picture was made anew: take the new one.",
                 invalid_recovery_code_message: "That is none of the codes that are left.",
                 otp_lockout_error_flash: "Five wrong codes: a recovery code lets you in, or another of the firm.",
                 no_matching_reset_password_key_error_flash: "This link is not good any more: it was used, or is " \
                   "older than three days. Ask for another.",
                 change_password_notice_flash: "The password is changed, and every other device signed out.",
                 reset_password_notice_flash: "The password is changed, and every device signed out. Sign in with it.",
                 otp_disable_notice_flash: "The second factor is off.",
                 two_factor_auth_notice_flash: "", logout_notice_flash: "You are signed out.",
                 login_notice_flash: "", otp_setup_notice_flash: "", create_account_notice_flash: ""}.freeze

        module_function

        # @param to [Rodauth::Configuration]
        def lay(to, book:, secret:, site:, inside:)
          to.enable(*FEATURES, *(:internal_request if inside))
          to.auth_class_eval { include Own }
          {**FIXED, **WORDS}.each { |name, value| to.send(name, value) }
          ROUTES.each { |name, route| to.send(name, "account/#{route}") }
          NONE.each { |name| to.send(name, nil) }
          stand_on(to, book, secret)
          lead(to)
          guard(to)
          to.base_url { site || super() }
          to.domain { request.host }
        end

        # Has it keep to a book's tables.
        def stand_on(to, book, secret)
          devices = Devices.new(secret)
          to.auth_class_eval do
            define_method(:book) { book }
            define_method(:devices) { devices }
          end
          to.db { book.db }
          to.hmac_secret secret
          to.otp_keys_use_hmac? false # a book that is brought back without its secret lets its people in
          to.otp_issuer { book.accounts.firm || "Yellow Track" }
          to.password_hash_cost { BCrypt::Engine.cost }
        end

        # Where each step goes on.
        def lead(to)
          to.already_logged_in { redirect("/") }
          to.require_login_redirect { login_path }
          to.two_factor_auth_required_redirect { otp_auth_path }
          to.two_factor_need_setup_redirect { "/account" }
          to.otp_lockout_redirect { recovery_auth_path }
          %i[change_password_redirect otp_disable_redirect otp_already_setup_redirect].each do |name|
            to.send(name) { "/account" }
          end
          to.reset_password_redirect { login_path }
          to.create_account_redirect { "/" }
          to.otp_setup_response { return_response(add_recovery_codes_view) }
        end

        # What is looked at before, and kept after.
        def guard(to)
          to.normalize_login { |name| found_login(name) }
          to.login_meets_requirements? { |login| !login.empty? }
          to.login_does_not_meet_requirements_message { name_fault }
          to.password_does_not_meet_requirements_message { "#{@password_requirement_message}." }
          to.before_login_attempt { slow_down }
          to.after_login_failure { wrong }
          to.after_no_matching_login { nobody }
          to.before_login { take_over }
          to.after_login { came_in }
          to.before_create_account_route { find_invitation }
          to.before_create_account { make_one }
          to.after_create_account { made }
          to.after_logout { session["stays_out"] = true }
          to.active_sessions_insert_hash { super().merge(dated) }
          to.new_recovery_code { Array.new(4) { SecureRandom.alphanumeric(4).downcase }.join("-") }
          to.login_failed_reset_password_request_form { nil }
        end
      end
    end
  end
end
