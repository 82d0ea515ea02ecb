# frozen_string_literal: true

require "json"

module YellowTrack
  module Store
    # What devices wrote while they were away from the server, taken in once each.
    class Sent
      # @param db [Sequel::Database]
      def initialize(db)
        @db = db
        @sent = db[:sent]
      end

      # Takes something in, or tells what came of it before.
      #
      # @param uid [String] that the device gave it
      # @yieldreturn [Hash] what came of it
      # @return [Hash]
      def once(uid, account_id)
        @db.transaction do
          known = @sent.where(uid:).get(:outcome)
          next JSON.parse(known) if known

          yield.transform_keys(&:to_s).tap do |outcome|
            @sent.insert(uid:, account_id:, at: Clock.now, outcome: JSON.generate(outcome))
          end
        end
      end
    end
  end
end
