# frozen_string_literal: true

require "time"

module YellowTrack
  module Store
    # Who of the firm may come in, and as what.
    class Accounts
      include Questions

      # name, as the log shows it; login, as it is looked for; role; open, whether he may
      # come in.
      Account = Struct.new(:id, :login, :name, :role, :open, :made_at, keyword_init: true)

      # A device that is signed in.
      Session = Struct.new(:key, :since, :last, :device, keyword_init: true)

      ROLES = %w[fitter office learner].freeze
      OPEN, CLOSED = 2, 3
      LONGEST = 40 # characters of a name
      IDLE = 30 * 24 * 3600 # seconds without a page, after which a device is signed out
      FRESH = 300 # seconds in which a page does not note again that a device is in use

      # @param db [Sequel::Database]
      def initialize(db)
        @db = db
        @accounts = db[:accounts]
        @sessions = db[:account_active_session_keys]
      end

      # A name as it is looked for: as written in any case, with any spaces.
      #
      # @raise [Fault] for one that nobody could be known by
      def self.login(name)
        text = name.to_s.unicode_normalize(:nfkc).strip.squeeze(" ")
        return text.downcase(:fold) if text.length.between?(2, LONGEST) && text.match?(/\p{L}/)

        raise Fault.new("\"#{text[0, LONGEST]}\" is no name to be known by: it takes 2 to #{LONGEST} characters, " \
          "letters among them.", key: "name")
      end

      # @return [Array<Account>] those who may come in first, by name
      def all = @accounts.order(Sequel.desc(Sequel.expr(status_id: OPEN)), :login).map { |row| account(row) }

      # @return [Account, nil]
      def find(id) = @accounts.first(id:)&.then { |row| account(row) }

      # @return [Account, nil]
      def named(name)
        @accounts.first(login: Accounts.login(name))&.then { |row| account(row) }
      rescue Fault
        nil
      end

      # Whether nobody was let in yet.
      def none? = @accounts.empty?

      # Whether someone can come in with a password.
      def any_password? = !@db[:account_password_hashes].empty?

      # What a new one is made of.
      #
      # @return [Hash] columns
      def row(name, role)
        {login: Accounts.login(name), name: name.to_s.strip.squeeze(" "), role:, status_id: OPEN, made_at: Clock.now}
      end

      # One without a password.
      #
      # @return [Integer]
      def add(name, role: "fitter") = @accounts.insert(row(name, role))

      # A learner is not told where calendars are read.
      #
      # @raise [Fault] where nobody would be left who does all of the work
      def become(id, role:, by:)
        change(id, by:, says: ->(one) { "#{one.name} is #{role} now, #{one.role} before" }, role:)
        forget_calendars(by) if role == "learner"
      end

      # Lets him in no more, and out of every device; the address that calendars read is another.
      def close(id, by:)
        change(id, by:, says: ->(one) { "#{one.name} may not come in any more" }, status_id: CLOSED)
        end_all(id)
        forget_calendars(by)
      end

      # Lets somebody in again.
      def open(id, by:) = change(id, by:, says: ->(one) { "#{one.name} may come in again" }, status_id: OPEN)

      # What was done about accounts, in words.
      def note(says, by:) = @db[:crew_log].insert(at: Clock.now, who: by, says:)

      # @return [Array<Hash>] at, who, says; the latest first
      def noted(most) = @db[:crew_log].reverse(:id).limit(most).all

      # @return [String, nil] the firm's name
      def firm = @db[:firm].get(:name)

      # @param name [String]
      # @param by [String, nil] who calls it so, once it was called otherwise
      # @raise [Fault] for none
      def found(name, by: nil)
        text = name.to_s.strip
        raise Fault.new("\"#{text[0, 40]}\" is no name of a firm: it takes 1 to 120 characters.", key: "firm") unless
          text.length.between?(1, 120)

        note("the firm is called \"#{text}\", \"#{firm}\" before", by:) if by && firm && firm != text
        @db[:firm].insert_conflict(:replace).insert(id: 1, name: text)
      end

      # Who is signed in on a device; nil where he is not, any more.
      #
      # @param session_id [String] as it is kept
      # @param now [Time]
      # @return [Account, nil]
      def signed_in(id, session_id, now: Time.now)
        row = in_by(id, session_id) or return
        last = row[:last_use]
        return end_session(id, session_id) && nil if last < Clock.of(now - IDLE)

        fresh = last.between?(Clock.of(now - FRESH), Clock.of(now + FRESH))
        note_use(@sessions.where(account_id: id, session_id:), now) unless fresh
        account(row).then { |one| one if one.open }
      end

      # @return [Array<Session>] the latest used first
      def sessions(id)
        @sessions.where(account_id: id).reverse(:last_use).map do |row|
          Session.new(key: row[:session_id], since: row[:created_at], last: row[:last_use], device: row[:device])
        end
      end

      # Ends one session of somebody's.
      def end_session(id, session_id) = @sessions.where(account_id: id, session_id:).delete

      # Ends all sessions of somebody's, but one.
      def end_all(id, but: nil) = @sessions.where(account_id: id).exclude(session_id: but.to_s).delete

      # Takes off the second factor, for who lost it.
      def without_factor(id)
        @db[:account_otp_keys].where(id:).delete
        @db[:account_recovery_codes].where(id:).delete
      end

      # A link for a new password that is out, in a few letters; empty for none.
      #
      # @return [String]
      def link_mark(id) = @db[:account_password_reset_keys].where(id:).get(:key).to_s[0, 8]

      # Whether the second factor is asked for.
      def factor?(id) = !@db[:account_otp_keys].where(id:).empty?

      private

      def in_by(id, session_id)
        question(:account_in_by_session) do
          @accounts.join(@sessions.select(:account_id, :session_id, :last_use), account_id: :id)
            .where(account_id: :$id, session_id: :$session_id)
        end.call(id:, session_id:).first
      end

      # Whoever leaves knew the address that calendars read.
      def forget_calendars(by)
        feeds = Feeds.new(@db)
        return unless feeds.token

        feeds.renew
        note("the address that calendars read was made anew", by:)
      end

      # A book that cannot be written now is read all the same.
      def note_use(session, now)
        session.update(last_use: now.utc.iso8601)
      rescue Sequel::DatabaseError
        nil
      end

      def change(id, by:, says:, **columns)
        @db.transaction do
          one = find(id) or return
          @accounts.where(id:).update(columns)
          raise Fault.new("\"#{one.name}\" is the last fitter: make another first.", key: "account") if
            @accounts.where(role: "fitter", status_id: OPEN).empty?

          note(says.call(one), by:)
        end
      end

      def account(row)
        Account.new(**row.slice(:id, :login, :name, :role, :made_at),
          open: row[:status_id] == OPEN).freeze
      end
    end
  end
end
