# frozen_string_literal: true

module YellowTrack
  class Choose
    # What a candidate keeps of the set in mind: what the panels are, and how they
    # are wanted; all else is the kit's (handbook 3, "Candidates").
    module Kept
      ALWAYS = %w[makeup frame proud width height gap].freeze
      WIDE = 20 # mm of a gap beside ready-made panels: more leaves the opening open

      module_function

      # @param opening [Opening] with the set in mind
      # @param kit [Kit] to try
      # @param layout [Hash]
      # @param house [Hash] choices that a set of the family starts with
      # @return [Opening]
      def with(opening, kit, layout, house: {})
        kept = ALWAYS.to_h { |key| [key, opening[key]] }
        kept["cover"] = opening["cover"] if kit.manner.carried == :wall
        kept["fit"] = opening["fit"] if kit.family == opening.family
        kept["weighed"] = opening["weighed"] if Wanted.given?(opening)
        kept["thickness"] = thickness(opening, kit)
        opening.hung_on(kit, {"family" => kit.family, **house, **layout, **kept.compact})
      end

      # A kit that does not take it has the nearer end of its range; panels as they
      # come stay as thick as they are.
      def thickness(opening, kit)
        thick = opening["thickness"] or return
        return thick if opening["width"] || opening["height"]

        thick.clamp(*kit.fetch("thickness"))
      end

      # Whether panels of a given width leave the opening open.
      #
      # @param plan [Plan]
      def open?(plan)
        return false unless plan.whole? && plan.opening["width"]

        set = plan.set
        set.shut_by.any?(&:negative?) || set.left_open.any? { |gap| gap > WIDE }
      end
    end
  end
end
