# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # One's own account, and who else of the firm may come in.
      module People
        ACTS = %w[role password one-factor close open].freeze

        # Its routes, and what they share.
        def self.registered(app)
          app.helpers(Looking)
          app.reads("/account") { show own_screen }
          app.takes("/account/devices/end", by: :learner) { end_devices }
          app.reads("/token") { tell_token }
          app.reads("/crew", by: :office) { show crew_of_firm }
          app.takes("/crew/firm", by: :office) { name_firm }
          app.takes("/crew/invitations", by: :office) { invite }
          app.takes(%r{/crew/invitations/#{Asking::NUMBER}/withdraw}o, by: :office) do |id|
            book.invitations.withdraw(Integer(id, 10))
            to_page Paths.crew
          end
          app.takes(%r{/crew/#{Asking::NUMBER}/(#{Regexp.union(ACTS)})}o, by: :office) { |id, act|
            look_after(Integer(id, 10), act)
          }
        end

        # What its routes do.
        module Looking
          # The page of one's own account.
          def own_screen
            Web::Account::Screen.new(book, device: rodauth.device_key, said: session.delete("said"), **asked)
          end

          # One device, or all but this.
          def end_devices
            key = params["device"].to_s
            key.empty? ? book.accounts.end_all(account.id, but: rodauth.device_key) : book.accounts
              .end_session(account.id, key)
            to_page "/account"
          end

          # What a page that was open while others signed in needs to send on.
          def tell_token
            content_type :json
            JSON.generate(token: page_token, pass: page_pass, account: account.id)
          end

          # With the link that was made just before, told this once.
          def crew_of_firm(**rest)
            link, for_whom = session.delete("link")
            Web::People::Screen.new(book, link:, for_whom:, **asked, **rest)
          end

          # Shows a link, once.
          def hand_out(link, for_whom)
            session["link"] = [link, for_whom]
            to_page Paths.crew
          end

          # Names the firm.
          def name_firm
            refusing(->(fault) { crew_of_firm(fault:) }) do
              form = replacing({"firm" => book.accounts.firm.to_s}, {"firm" => params["firm"].to_s})
              form.changes.each_value { |name| book.accounts.found(name, by: who) }
              form.tell! { "The firm's name" }
              to_page Paths.crew
            end
          end

          # Makes a link that lets somebody in.
          def invite
            refusing(->(fault) { crew_of_firm(fault:) }) do
              role, whom = params["role"].to_s, params["who"].to_s.strip
              halt 403 unless Rights.below(account.role).include?(role) || !Store::Accounts::ROLES.include?(role)

              key = book.invitations.make(role:, who: whom, by: who)
              book.accounts.note("a link was made for #{whom}, as #{role}", by: who)
              hand_out("#{rodauth.base_url}/account/join?key=#{key}", whom)
            end
          end

          # Does something about another's account.
          def look_after(id, act)
            one = book.accounts.find(id) or halt 404
            halt 403 unless one.id != account.id && Rights.below(account.role).include?(one.role)

            refusing(->(fault) { crew_of_firm(fault:) }) { done_about(one, act) }
          end

          # Does something about an account.
          def done_about(one, act)
            case act
            when "role" then change_role(one)
            when "close" then book.accounts.close(one.id, by: who)
            when "open" then book.accounts.open(one.id, by: who)
            when "one-factor" then take_factor(one)
            when "password" then return hand_out(new_password_of(one), one.name)
            end
            to_page Paths.crew
          end

          # Gives somebody another role.
          def change_role(one)
            halt 403 unless Rights.below(account.role).include?(params["role"].to_s)
            of_what_was_seen("#{one.name} is #{one.role} since.", role: one.role)

            book.accounts.become(one.id, role: params["role"], by: who)
          end

          # Asks no second factor of somebody any more.
          def take_factor(one)
            book.accounts.without_factor(one.id)
            book.accounts.note("the second factor of #{one.name} was taken off", by: who)
          end

          # Makes a link for a new password.
          def new_password_of(one)
            of_what_was_seen("A link for #{one.name} was made meanwhile: another would end it.",
              link: book.accounts.link_mark(one.id))
            book.accounts.note("a link for a new password was made for #{one.name}", by: who)
            rodauth.new_password_link(one.id)
          end
        end
      end
    end
  end
end
