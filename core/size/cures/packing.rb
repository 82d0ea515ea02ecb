# frozen_string_literal: true

module YellowTrack
  class Cures
    # Packing at the jambs, in stock layers: half at each (handbook 7), or at the strike alone where a
    # pair folds, whose pivot stays where it is. All in mm.
    class Packing < Lever
      MOST = 200 # in all
      LAYER = 1r # the thinnest of the stock

      # @param plan [Plan]
      # @return [Packing, nil] nil for a set on the wall, which takes none
      def self.of(plan) = plan.set.covers? ? nil : new("packing", plan, nil, now: 0r)

      # Only more: what is packed already stays.
      def values(way) = (way < 0) ? [] : (1..MOST).map { |layers| layers * LAYER }

      # @return [Hash{String => Rational}] mm of packing by side, with what is there already
      def changes(value)
        shares(value).to_h { |side, mm| ["packing.#{side}", (@plan.opening["packing.#{side}"] || 0r) + mm] }
          .select { |_, mm| mm.positive? }
      end

      # @param printer [Length::Printer]
      # @param first [Rational] what is packed
      # @param last [Rational] the most that will do
      # @param least [Rational]
      def says(printer, first, last, least: first)
        at = shares(first).select { |_, mm| mm.positive? }.map { |side, mm| "#{printer.with_unit(mm)} at the #{side}" }
        range = (least == last) ? "" : "; #{printer.range(least, last)} in all will do"
        "Pack #{at.join(" and ")} jamb#{range}"
      end

      private

      def shares(value)
        return {strike => value} if @plan.set.manner.folds? && !@plan.set.two_pairs?

        {"left" => (value / 2 / LAYER).ceil * LAYER, "right" => (value / 2 / LAYER).floor * LAYER}
      end

      def strike = (@plan.set.hand == "left") ? "right" : "left"
    end
  end
end
