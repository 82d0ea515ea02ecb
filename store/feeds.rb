# frozen_string_literal: true

require "securerandom"

module YellowTrack
  module Store
    # The address that calendars subscribe to: one token, which can be renewed and
    # withdrawn.
    class Feeds
      LONG = 32 # random bytes

      # @param db [Sequel::Database]
      def initialize(db)
        @db = db
        @feeds = db[:feeds]
      end

      # @return [String, nil]
      def token = @feeds.get(:token)

      # What stands, in a few letters; empty for nothing.
      #
      # @return [String]
      def mark = token.to_s[0, 8]

      # A token that no one knows yet; the one before is good no longer.
      def renew
        @db.transaction do
          withdraw
          SecureRandom.urlsafe_base64(LONG).tap { |token| @feeds.insert(token:, at: Clock.now) }
        end
      end

      # Ends the address that calendars read.
      def withdraw = @feeds.delete
    end
  end
end
