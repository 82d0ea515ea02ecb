# frozen_string_literal: true

module YellowTrack
  class Bifold
    # The sensible layouts of a bifold kit (handbook 3, "Candidates"): one pair to either
    # hand, or two.
    module Layouts
      ALL = [{"panels" => 2, "hand" => "left"}, {"panels" => 2, "hand" => "right"}, {"panels" => 4}].freeze

      module_function

      # @return [Array<Hash>] choices of the opening file, in their order
      def for(_kit) = ALL

      # The layout of an opening's own set.
      #
      # @param opening [Opening]
      # @return [Hash] choices of the opening file
      def of(opening)
        (opening["panels"] == 4) ? {"panels" => 4} : {"panels" => 2, "hand" => opening["hand"] || "left"}
      end

      # @return [String] "bifold one pair", "bifold two pairs"
      def called(_kit, layout) = "bifold #{(layout["panels"] == 4) ? "two pairs" : "one pair"}"
    end
  end
end
