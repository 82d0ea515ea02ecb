# frozen_string_literal: true

require "time"

module YellowTrack
  module Store
    # Forms that were sent, each by what it was printed with: a double press counts once.
    class Once
      KEPT = 3 * 24 * 3600 # seconds
      LONG = 60 # seconds after which what is still under way was cut off

      # @param db [Sequel::Database]
      def initialize(db)
        @db, @once = db, db[:once]
      end

      # Takes a form for one's own.
      #
      # @return [String, nil] nil where it is the first time; where it went on to, before; "" while
      #   the first is under way
      def taken(uid, account_id, now: Time.now)
        @db.transaction do
          @once.where { |row| row.at < (now - KEPT).utc.iso8601 }.delete
          row = @once.first(uid:, account_id:)
          next row[:went].to_s if row && (row[:went] || Time.iso8601(row[:at]) > now - LONG)

          @once.insert_conflict(:replace).insert(uid:, account_id:, at: now.utc.iso8601)
          nil
        end
      end

      # Where it went on to; nil for a form that was not taken, and may be sent again.
      def done(uid, went) = went ? @once.where(uid:).update(went:) : @once.where(uid:).delete
    end
  end
end
