# frozen_string_literal: true

module YellowTrack
  module Store
    # The fitter's own prices and shares, exact, by what they are for.
    class Prices
      # @param db [Sequel::Database]
      # @param replaced [Replaced]
      def initialize(db, replaced)
        @prices, @replaced = db[:prices], replaced
      end

      # @return [Hash{String => Rational}]
      def all = @prices.to_hash(:key, :amount).transform_values { |amount| Rational(amount) }

      # @param amount [Rational, nil] nil takes it out
      # @param who [String, nil] sets it, which keeps what it was before
      def set(key, amount, who: nil)
        before = @prices.where(key:).get(:amount)
        return if before == amount&.to_s

        @replaced.keep("price", key, before, who:) if who
        amount.nil? ? @prices.where(key:).delete : @prices.insert_conflict(:replace).insert(key:, amount: amount.to_s)
      end
    end
  end
end
