# frozen_string_literal: true

require "bcrypt"

module YellowTrack
  module Web
    class SignIn
      # What we do beside rodauth at each of its steps.
      module Own
        USED = "The link was used meanwhile. Ask for another."

        # Who is signed in, once all that he has set up was asked for.
        #
        # @return [Store::Accounts::Account, nil]
        def active_account
          key = device_key or return
          book.accounts.signed_in(session_value, key)
        end

        # @return [String, nil] this device, as it is kept
        def device_key
          session[session_id_session_key]&.then { |key| DEVICES.fetch([self.class, key]) { compute_hmac(key) } }
        end

        DEVICES = Latest.new(64) # by the words of their cookies
        private_constant :DEVICES

        # A link by which someone sets himself a new password, good once.
        #
        # @return [String] its address
        def new_password_link(id)
          account_from_id(id, account_open_status_value) or return
          remove_reset_password_key
          generate_reset_password_key_value
          create_reset_password_key
          reset_password_email_link
        end

        # Why a password is not taken; nil where it is.
        def refusal_of(password)
          password_meets_requirements?(password) ? nil : password_does_not_meet_requirements_message
        end

        # Sets a password, and signs out every device.
        #
        # @return [nil]
        def give(password)
          account_from_session
          set_password(password)
          book.accounts.end_all(account_id)
          book.tries.forget(account[:login])
          nil
        end

        # @return [Store::Invitations::Invitation, nil] nil where it is the firm's first account
        attr_reader :invitation

        # A page of ours in the place of rodauth's.
        def view(page, _title) = Screen.show(page, self)

        # Keeps what is said for the next page.
        def set_notice_flash(says) = says.empty? ? nil : session["said"] = says

        # The same of what went wrong.
        def set_redirect_error_flash(says) = session["said"] = says

        # Nothing: the page says it where it belongs.
        def set_error_flash(_says) = nil

        # Nothing, likewise.
        def set_notice_now_flash(_says) = nil

        private

        # A name as it is looked for; none for what nobody could be called.
        def found_login(name)
          Store::Accounts.login(name)
        rescue Fault
          ""
        end

        def name_fault
          return @login_requirement_message if @login_requirement_message

          Store::Accounts.login(param("name"))
          "Take another name."
        rescue Fault => e
          e.words
        end

        # Names of nobody wait as those of somebody do.
        def slow_down
          wait = book.tries.wait(tried, device)
          return @signing_in = true if wait.seconds.zero?

          set_field_error("password", "#{wait.failures} wrong passwords in a row. Wait #{told(wait.seconds)}, " \
            "then try again. Another of the firm can make you a link for a new one.")
          response.status = 429
          response.headers["retry-after"] = wait.seconds.to_s
          return_response(login_view)
        end

        def told(seconds) = (seconds > 90) ? "#{(seconds / 60.0).ceil} minutes" : "#{seconds} seconds"

        # The name that is tried, anybody's or not.
        def tried = account ? account[:login] : login_param_value

        # The device, where it was in with that account before.
        def device = devices.known(request.cookies[Devices::COOKIE], account && account_id)

        def wrong
          book.tries.wrong(tried, device, name: account && account[:name],
            from: Device.of(request.user_agent.to_s, request.ip.to_s))
        end

        # Where there is no such name the answer is the same, and takes as long.
        def nobody
          slow_down
          out_of_the_way { BCrypt::Password.create(param("password"), cost: password_hash_cost) }
          wrong
          throw_error_status(login_error_status, "password", Rules::TOGETHER)
        end

        # That an account is closed is told to who has its password.
        def open_account? = super || (@signing_in && !password_match?(param("password")))

        def password_match?(password)
          @matches ||= {}
          @matches.fetch(password) { @matches[password] = out_of_the_way { super } }
        end

        # One password is worked out at a time: pages go on meanwhile.
        def out_of_the_way(&)
          Passwords.one_at_a_time(&)
        rescue Passwords::TooMany
          response.status = 429
          response.headers["retry-after"] = Passwords::WAIT.to_s
          set_field_error("password", "Many sign in just now. Try again in #{Passwords::WAIT} seconds.")
          return_response(login_view)
        end

        def came_in
          book.tries.right(tried, device)
          return if device

          response.set_cookie(Devices::COOKIE, value: devices.sealed(account_id), path: "/", httponly: true,
            same_site: :lax, secure: request.ssl?, max_age: Devices::YEAR)
        end

        # What was typed on this device before there were accounts is his.
        def take_over
          book.drafts.hand(session["device"], "account-#{account_id}") if session["device"]
        end

        def dated
          now = Store::Clock.now
          {created_at: now, last_use: now, device: Device.of(request.user_agent.to_s, request.ip.to_s)}
        end

        # The key goes out of the address at once; no link, no account, but for the first.
        def find_invitation
          if (key = param_or_nil("key"))
            session["invitation"] = key
            redirect(create_account_path)
          end
          return if (@first = book.accounts.none?)
          return if (@invitation = book.invitations.by_key(session["invitation"]))

          session["said"] = "This link is not good any more: it was used, withdrawn, or is older than three days. " \
            "Ask whoever sent it for another."
          redirect(login_path)
        end

        # What the account is made of. The first takes no link, unless another was quicker.
        def make_one
          throw_error_status(410, "name", USED) if @invitation.nil? && !book.accounts.none?
          book.accounts.found(param("firm")) unless @invitation
          account.update(book.accounts.row(param("name"), @invitation&.role || "fitter"))
        rescue Fault => e
          throw_error_status(422, e.key, e.words)
        end

        # The link is used by whoever has an account by it; who comes second has none.
        def made
          unless @invitation.nil? || book.invitations.use(@invitation.id, account[:name])
            set_field_error("name", USED)
            raise Sequel::Rollback
          end

          book.accounts.note("#{account[:name]} is in, as #{account[:role]}", by: @invitation&.by || account[:name])
          session.delete("invitation")
          take_over
        end
      end
    end
  end
end
