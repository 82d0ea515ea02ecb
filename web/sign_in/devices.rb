# frozen_string_literal: true

require "openssl"
require "securerandom"

module YellowTrack
  module Web
    class SignIn
      # Devices that were in before, each by a word of its own that the server sealed for the one
      # account: it lets nobody in.
      class Devices
        COOKIE = "yellow-track-device"
        YEAR = 365 * 24 * 3600

        # @param secret [String]
        def initialize(secret)
          @key = OpenSSL::HMAC.digest("SHA256", secret, "yellow-track.device")
        end

        # @param account_id [Integer]
        # @return [String] for a cookie
        def sealed(account_id) = SecureRandom.hex(16).then { |word| "#{word}-#{seal(account_id, word)}" }

        # @param text [String, nil] the cookie
        # @return [String, nil] the device's word; nil where it was not in with that account
        def known(text, account_id)
          word, seal = text.to_s.split("-", 2)
          word if account_id && seal && OpenSSL.secure_compare(seal, seal(account_id, word))
        end

        private

        def seal(account_id, word) = OpenSSL::HMAC.hexdigest("SHA256", @key, "#{account_id}-#{word}")
      end
    end
  end
end
