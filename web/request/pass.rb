# frozen_string_literal: true

require "openssl"

module YellowTrack
  module Web
    # What lets something large in: a picture, a whole job. It stands in the address that a page
    # sends it to, so that it is looked at before a byte of it is taken. It is an account's, good
    # for some days, and lets nothing be done by itself.
    class Pass
      DAYS = 8
      MOST = 64 # seals that are kept: a page asks for the same one all day
      WORN = /\A(\d{1,9})-(\d{1,9})-(\h{64})\z/

      # @param secret [String]
      def initialize(secret)
        @key = OpenSSL::HMAC.digest("SHA256", secret, "yellow-track.pass")
        @seals = Latest.new(MOST)
      end

      # @param account_id [Integer]
      # @return [String]
      def for(account_id, now: Time.now)
        day = now.to_i / 86_400
        @seals.fetch([account_id, day]) { "#{account_id}-#{day}-#{seal(account_id, day)}" }
      end

      # @param text [String, nil] as it came
      # @return [Boolean]
      def good?(text, now: Time.now)
        account_id, day, seal = WORN.match(text.to_s)&.captures
        return false unless seal

        (now.to_i / 86_400 - day.to_i).between?(-1, DAYS) && OpenSSL.secure_compare(seal, seal(account_id, day))
      end

      private

      def seal(account_id, day) = OpenSSL::HMAC.hexdigest("SHA256", @key, "#{account_id}-#{day}")
    end
  end
end
