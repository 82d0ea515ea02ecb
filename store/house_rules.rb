# frozen_string_literal: true

module YellowTrack
  module Store
    # What every new job and opening starts from; those that are there already
    # stay as they are.
    class HouseRules
      include Questions

      # @param db [Sequel::Database]
      # @param replaced [Replaced]
      def initialize(db, replaced)
        @rules, @replaced = db[:house_rules], replaced
      end

      # @return [Hash{String => String}] those that were set, by key
      def all = question(:house_rules) { @rules }.call.to_h { |row| row.values_at(:key, :value) }

      # Sets one; an empty value takes it back to the usual.
      #
      # @param who [String, nil] sets it, which keeps what it was before
      def set(key, value, who: nil)
        before = @rules.where(key:).get(:value).to_s
        return if before == value

        @replaced.keep("rule", key, before, who:) if who
        value.empty? ? @rules.where(key:).delete : @rules.insert_conflict(:replace).insert(key:, value:)
      end
    end
  end
end
