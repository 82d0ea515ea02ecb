# frozen_string_literal: true

module YellowTrack
  class Bypass
    # The sensible layouts of a bypass kit (handbook 3, "Candidates"): its panels lane by
    # lane; of one panel, the side that it opens to.
    module Layouts
      MANY_LANES = 2 # over which a lane is left for each of three panels
      PARTED = [1, 1].freeze # two panels of one lane, that meet
      WALL_HUNG = {[1] => "one panel", PARTED => "pair"}.freeze

      module_function

      # @param kit [Kit]
      # @return [Array<Hash>] choices of the opening file, in their order
      def for(kit) = sliding(kit).reject { |layout| kit["meet_gap"].nil? && meets?(layout["pattern"]) }

      # The layout of an opening's own set.
      #
      # @param opening [Opening]
      # @return [Hash] choices of the opening file
      # @raise [Fault] for choices that make none
      def of(opening)
        lanes = Pattern.of(opening).lanes
        (lanes == [1]) ? {"pattern" => lanes, "opens" => opening["opens"] || "right"} : {"pattern" => lanes}
      end

      # What a kit's set of a layout is called.
      #
      # @return [String] "wall-hung pair", "top-hung"
      def called(kit, layout)
        return kit.manner.key unless kit.manner.carried == :wall

        "wall-hung #{WALL_HUNG[layout["pattern"]] || "lapping"}"
      end

      # @return [Array<Hash>] every way in which panels of the kit can hang
      def sliding(kit)
        return lapping(kit) unless kit.manner.carried == :wall

        [*sided, {"pattern" => PARTED}, *(lapping(kit) if kit["lap"])]
      end

      # @return [Array<Hash>] ways in lanes, one behind the other
      def lapping(kit)
        lanes = kit.fetch("lanes")
        return [] if lanes < 2

        [[2, 1], (lanes > MANY_LANES) ? [1, 2, 3] : [2, 1, 2], [2, 1, 1, 2]].map { |pattern| {"pattern" => pattern} }
      end

      # @return [Array<Hash>] one panel in front of the wall, to either side
      def sided = %w[right left].map { |side| {"pattern" => [1], "opens" => side} }

      # Whether two neighbours share a lane, and so meet edge to edge.
      def meets?(pattern) = pattern.each_cons(2).any? { |left, right| left == right }
    end
  end
end
