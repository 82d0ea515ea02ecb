# frozen_string_literal: true

module YellowTrack
  module Store
    # What every new job and opening starts from; those that are there already
    # stay as they are.
    class HouseRules
      def initialize(db)
        @rules = db[:house_rules]
      end

      # @return [Hash{String => String}] those that were set, by key
      def all = @rules.to_hash(:key, :value)

      # Sets one; an empty value takes it back to the usual.
      def set(key, value)
        value.empty? ? @rules.where(key:).delete : @rules.insert_conflict(:replace).insert(key:, value:)
      end
    end
  end
end
