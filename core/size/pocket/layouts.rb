# frozen_string_literal: true

module YellowTrack
  class Pocket
    # The sensible layouts of a pocket kit (handbook 3, "Candidates"): one leaf to either
    # side, or two.
    module Layouts
      ALL = [{"leaves" => 1, "opens" => "right"}, {"leaves" => 1, "opens" => "left"}, {"leaves" => 2}].freeze

      module_function

      # @return [Array<Hash>] choices of the opening file, in their order
      def for(_kit) = ALL

      # The layout of an opening's own set.
      #
      # @param opening [Opening]
      # @return [Hash] choices of the opening file
      def of(opening)
        (opening["leaves"] == 2) ? {"leaves" => 2} : {"leaves" => 1, "opens" => opening["opens"] || "right"}
      end

      # @return [String] "pocket one leaf", "pocket two leaves"
      def called(_kit, layout) = "pocket #{(layout["leaves"] == 2) ? "two leaves" : "one leaf"}"
    end
  end
end
