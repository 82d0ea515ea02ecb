# frozen_string_literal: true

module YellowTrack
  class Plan
    # A plan that ends at its sizing, since nothing is left to hang (handbook 2,
    # "Nothing left"): readings, sizing and checks, and no set.
    class Ended < Plan
      attr_reader :sizing

      # @param brief [Brief]
      # @param nothing [NothingLeft]
      def initialize(brief, nothing) # rubocop:disable Lint/MissingSuper
        @brief, @sizing = brief, nothing.sizing
        @checks = sorted(Survey::Checks.found(brief, sizing:) + [nothing.check])
        @brief.work.freeze
        freeze
      end

      private

      def parts = {}
    end
  end
end
