# frozen_string_literal: true

module YellowTrack
  module Mending
    # What a wheel is to be made of (handbook 13, "Material"): of those that carry, the
    # first that suits. In kg.
    class Material
      CARRIES = {"nylon" => 20r, "brass" => 35r, "steel" => 45r}.freeze
      SHARE = 85r / 100 # of its rating that a wheel is loaded with, at most
      SAYS = {"nylon" => "quiet, damp or not, kind to a soft rail; grit and load wear it",
              "brass" => "heavy and damp; noisier", "steel" => "heaviest, and dry: damp rusts it flat"}.freeze

      # @return [Rational, nil] on a wheel
      attr_reader :load
      # @return [Rational, nil] that a wheel has to be rated for
      attr_reader :rating_least

      # @param work [Working]
      # @param weight [Rational, nil] of a panel
      # @param wheels [Integer] under it
      # @param damp [Boolean]
      def initialize(work, weight, wheels:, damp:)
        @damp = damp
        return unless weight

        @load = work.sum("material.load", "Load of a wheel", "weight ÷ wheels", unit: "kg", weight: kilos(weight),
          wheels:, why: "The panel stands or hangs on all of them.")
        @rating_least = work.sum("material.rating", "Rating of a wheel, at least", "load ÷ share", unit: "kg",
          load: kilos(load), share: Working::Plain.new(SHARE, ""), why: "85 % of its rating at most.")
      end

      # @return [String, nil] nil where none carries it, or nothing is known of the
      #   weight
      def advice = rating_least && CARRIES.find { |name, most| rating_least <= most && suits?(name) }&.first

      # Whether it may be used where the room is damp: steel rusts.
      def suits?(name) = name != "steel" || !@damp

      # What a wheel of some material carries, without a sheet.
      def self.carries(name) = CARRIES[name]

      private

      def kilos(number) = Working::Plain.new(number, " kg")
    end
  end
end
