# frozen_string_literal: true

require "digest"
require "securerandom"
require "time"

module YellowTrack
  module Store
    # Links by which someone makes himself an account: good once, for three days. The
    # key stands in the link alone; the book has a digest of it.
    class Invitations
      Invitation = Struct.new(:id, :role, :who, :by, :at, :until, keyword_init: true)

      DAYS = 3
      LONGEST = 60 # characters of who it is for

      # @param db [Sequel::Database]
      def initialize(db)
        @db = db
        @invitations = db[:invitations]
      end

      # @param who [String] whom it is for
      # @return [String] the key, told this once
      # @raise [Fault]
      def make(role:, who:, by:, now: Time.now)
        raise Fault.new("\"#{role}\" is no role: it takes #{Accounts::ROLES.join(", ")}.", key: "role") unless
          Accounts::ROLES.include?(role)

        name = who.to_s.strip
        raise Fault.new("Say whom the link is for, in 1 to #{LONGEST} characters.", key: "who") unless
          name.length.between?(1, LONGEST)

        SecureRandom.urlsafe_base64(32).tap do |key|
          @invitations.insert(digest: digest(key), role:, who: name, by:, at: now.utc.iso8601,
            until: (now + DAYS * 24 * 3600).utc.iso8601)
        end
      end

      # Those that are still good, the latest first.
      #
      # @return [Array<Invitation>]
      def open(now: Time.now) = good(now).reverse(:id).map { |row| invitation(row) }

      # @return [Invitation, nil] nil where it was used, withdrawn, is too old or never was
      def by_key(key, now: Time.now)
        good(now).first(digest: digest(key.to_s))&.then { |row| invitation(row) }
      end

      # @return [Boolean] false where another was quicker
      def use(id, name) = @invitations.where(id:, used_by: nil, withdrawn_at: nil).update(used_by: name) == 1

      # Ends a link that nobody used.
      def withdraw(id) = @invitations.where(id:, used_by: nil).update(withdrawn_at: Clock.now)

      private

      def good(now)
        @invitations.where(used_by: nil, withdrawn_at: nil).where { |row| row.until > now.utc.iso8601 }
      end

      def digest(key) = Digest::SHA256.hexdigest(key)

      def invitation(row) = Invitation.new(**row.slice(:id, :role, :who, :by, :at, :until)).freeze
    end
  end
end
