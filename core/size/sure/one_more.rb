# frozen_string_literal: true

module YellowTrack
  class Sure
    # What one reading more would do: how many of those to be taken twice would not be so with it, were it as the shape
    # has it (handbook 16, "What the fitter is told"). Each is worked out whole: it can move the plan itself.
    class OneMore
      # A reading that is not taken yet: its key; sees, how many it would take off the list; of how many.
      Offer = Struct.new(:key, :sees, :of, keyword_init: true)

      # @param sure [Sure]
      # @param opening [Opening] that it is of
      def initialize(sure, opening)
        @sure, @opening = sure, opening
        @twice = sure.twice.map(&:key)
      end

      # @return [Offer, nil] of the reading that tells most; nil where none tells anything
      def best
        return if @twice.empty?

        @sure.plan.closure.untaken.map { |key, value| offer(key, exact(value)) }
          .select { |one| one.sees.positive? }.max_by(&:sees)
      end

      private

      def offer(key, value)
        left = Sure.new(@opening.surveyed(@opening.survey.with(key, value))).twice.map(&:key)
        Offer.new(key:, sees: (@twice - left).length, of: @twice.length)
      end

      def exact(value) = value.is_a?(Array) ? value.map { |place| place.map(&:to_r) } : value.to_r
    end
  end
end
