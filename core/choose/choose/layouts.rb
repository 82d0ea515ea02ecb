# frozen_string_literal: true

module YellowTrack
  class Choose
    # The sensible layouts of a kit (handbook 3, "Candidates"): how many panels, in
    # which lanes, to which side.
    module Layouts
      MANY_LANES = 2 # over which a lane is left for each of three panels
      PARTED = [1, 1].freeze

      module_function

      # @param kit [Kit]
      # @return [Array<Hash>] choices of the opening file, in their order
      def for(kit)
        case kit.family
        when "bifold" then [{"panels" => 2, "hand" => "left"}, {"panels" => 2, "hand" => "right"}, {"panels" => 4}]
        when "pocket" then [*sided("leaves" => 1), {"leaves" => 2}]
        else sliding(kit).reject { |layout| kit["meet_gap"].nil? && meets?(layout["pattern"]) }
        end
      end

      def sliding(kit)
        return lapping(kit) unless kit.manner.carried == :wall

        [*sided("pattern" => [1]), {"pattern" => PARTED}, *(lapping(kit) if kit["lap"])]
      end

      def lapping(kit)
        lanes = kit.fetch("lanes")
        return [] if lanes < 2

        [[2, 1], (lanes > MANY_LANES) ? [1, 2, 3] : [2, 1, 2], [2, 1, 1, 2]].map { |pattern| {"pattern" => pattern} }
      end

      def sided(layout) = %w[right left].map { |side| layout.merge("opens" => side) }

      def meets?(pattern) = pattern.each_cons(2).any? { |left, right| left == right }

      # The layout of an opening's own set.
      #
      # @return [Hash]
      # @raise [Fault] for choices that make none
      def of(opening)
        case opening.kit.family
        when "bifold"
          (opening["panels"] == 4) ? {"panels" => 4} : {"panels" => 2, "hand" => opening["hand"] || "left"}
        when "pocket"
          (opening["leaves"] == 2) ? {"leaves" => 2} : {"leaves" => 1, "opens" => opening["opens"] || "right"}
        else
          lanes = Bypass::Pattern.of(opening).lanes
          (lanes == [1]) ? {"pattern" => lanes, "opens" => opening["opens"] || "right"} : {"pattern" => lanes}
        end
      end

      # What a kit's set of a layout is called.
      #
      # @return [String] "wall-hung pair", "bifold one pair", "top-hung"
      def manner(kit, layout)
        case kit.manner.key
        when "bifold" then "bifold #{(layout["panels"] == 4) ? "two pairs" : "one pair"}"
        when "pocket" then "pocket #{(layout["leaves"] == 2) ? "two leaves" : "one leaf"}"
        when "wall-hung" then "wall-hung #{{[1] => "one panel", PARTED => "pair"}[layout["pattern"]] || "lapping"}"
        else kit.manner.key
        end
      end
    end
  end
end
