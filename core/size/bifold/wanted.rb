# frozen_string_literal: true

module YellowTrack
  class Bifold
    # The opening that ready pairs want (handbook 15, "Doors first").
    class Wanted < YellowTrack::Wanted
      private

      def terms = Terms.new(opening, opening["thickness"] || kit.fetch("thickness").last)

      # Least the same as design; most with as wide a lead or meet gap as will do.
      def widths
        terms = self.terms
        gap = terms.last_gap(work, panel)
        values = {pairs: terms.pairs, panel:, side_gap: SideGap.new(terms, work).gap,
                  hinge_gap: terms.hinge_gap, **sides_packed}
        ["pairs × (2 × panel + side gap + hinge gap) + gap + left packing + right packing",
          {least: gap, design: gap, most: [gap, Gaps::WIDE].max}.transform_values { |gap| {gap:, **values} }]
      end

      def above
        half_jamb = opening["half_jamb.thickness"]
        [kit.fetch("head_allowance"), half_jamb && half_jamb + kit.fetch("top_gap")].compact.max
      end
    end
  end
end
