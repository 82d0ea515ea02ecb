# frozen_string_literal: true

require "digest"
require "time"

module YellowTrack
  module Store
    # Wrong passwords. A device that was in before counts its own; all others count together, by the
    # name that they try, whether anybody has it or not: who does not know the password keeps nobody
    # out of the device that he works with, and finds no name out.
    class Tries
      FREE = 5 # wrong passwords in a row before one has to wait
      FIRST, MOST = 30, 900 # seconds of waiting: the first time, doubled each time, and at most
      KEPT = 24 * 3600 # seconds after which a row of wrong ones is over
      LISTED = 200 # wrong sign-ins that are kept

      Wait = Struct.new(:seconds, :failures)
      Wrong = Struct.new(:at, :name, :device, keyword_init: true)

      # @param db [Sequel::Database]
      def initialize(db)
        @tries, @wrong = db[:tries], db[:wrong_sign_ins]
      end

      # @param login [String] as it is looked for, anybody's or nobody's
      # @param device [String, nil] one that was in before
      # @return [Wait] how long no password is looked at; a clock that was set back makes no one
      #   wait for longer than the longest
      def wait(login, device, now: Time.now)
        row = @tries.first(key: key(login, device)) or return Wait.new(0, 0)
        seconds = row[:wait_until] ? (Time.iso8601(row[:wait_until]) - now).ceil : 0
        Wait.new(seconds.between?(1, MOST) ? seconds : 0, row[:failures])
      end

      # A wrong password.
      #
      # @param name [String, nil] whose account it is
      # @param from [String] the device, in words
      # @return [Integer] how many there were in a row
      def wrong(login, device, name:, from:, now: Time.now)
        at = now.utc.iso8601
        @tries.where { |row| row.at < (now - KEPT).utc.iso8601 }.delete
        count = (@tries.where(key: key(login, device)).get(:failures) || 0) + 1
        wait = (count < FREE) ? 0 : [FIRST * 2**[count - FREE, 10].min, MOST].min
        @tries.insert_conflict(:replace).insert(key: key(login, device), failures: count, at:,
          wait_until: (now + wait if wait.positive?)&.utc&.iso8601)
        list(at, name, from)
        count
      end

      # The right one.
      def right(login, device) = @tries.where(key: key(login, device)).delete

      # A new password: whoever counts begins again.
      #
      # @param login [String]
      def forget(login) = right(login, nil)

      # @return [Array<Wrong>] the latest first
      def listed(most) = @wrong.reverse(:id).limit(most).map { |row| Wrong.new(**row.slice(:at, :name, :device)) }

      private

      def key(login, device) = Digest::SHA256.hexdigest([login, device].join("\0"))

      def list(at, name, device)
        id = @wrong.insert(at:, name:, device:)
        @wrong.where { |row| row.id <= id - LISTED }.delete
      end
    end
  end
end
