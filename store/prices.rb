# frozen_string_literal: true

module YellowTrack
  module Store
    # The fitter's own prices and shares, exact, by what they are for.
    class Prices
      def initialize(db)
        @prices = db[:prices]
      end

      # @return [Hash{String => Rational}]
      def all = @prices.to_hash(:key, :amount).transform_values { |amount| Rational(amount) }

      # @param amount [Rational, nil] nil takes it out
      def set(key, amount)
        amount.nil? ? @prices.where(key:).delete : @prices.insert_conflict(:replace).insert(key:, amount: amount.to_s)
      end
    end
  end
end
