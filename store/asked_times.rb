# frozen_string_literal: true

module YellowTrack
  module Store
    # What was written away from the server under a time that cannot be, with both times, until
    # whoever wrote it says which.
    class AskedTimes
      include Questions

      # told_at, by the device; came_at, by the server; form, as it was sent.
      Asked = Struct.new(:id, :account_id, :path, :form, :picture, :told_at, :came_at, keyword_init: true)

      # @param db [Sequel::Database]
      def initialize(db)
        @asked = db[:asked_times]
      end

      # @param told_at [Time]
      # @param came_at [Time]
      def keep(account_id, path:, form:, picture:, told_at:, came_at:)
        @asked.insert(account_id:, path:, form:, picture: picture && Sequel.blob(picture),
          told_at: told_at.utc.iso8601, came_at: came_at.utc.iso8601)
      end

      # @return [Array<Asked>] an account's, the oldest first
      def of(account_id)
        question(:his_asked_times) { @asked.where(account_id: :$account).order(:id) }.call(account: account_id)
          .map { |row| Asked.new(**row) }
      end

      # @return [Asked, nil] nil where it is another's, or was settled
      def find(id, account_id) = @asked.first(id:, account_id:)&.then { |row| Asked.new(**row) }

      # Lets one go: it stands where it belongs, or its writer gave it up.
      def forget(id) = @asked.where(id:).delete
    end
  end
end
