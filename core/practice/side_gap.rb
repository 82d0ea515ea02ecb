# frozen_string_literal: true

module YellowTrack
  module Practice
    # The least gap at a pivot, so that the corner clears as it swings (handbook 5).
    class SideGap < Drill
      KEY, NAME = "side-gap", "Side gap"
      LEARN = "The corner swings on a circle about the pivot: its radius less the inset, and a little to spare; " \
        "never less than the kit's own gap."

      private

      def drawn
        jamb = (level >= 4) ? {"half_jamb" => {"thickness" => site.told(site.about(8..14))}} : {}
        site.document(700..1100, 2000..2300)
          .merge("set" => {"family" => "bifold", "kit" => "fold-34", "panels" => 2,
                           "thickness" => site.told(site.about(30..40)), "inset" => site.told(site.about(20..38)),
                           "makeup" => [{"material" => "solid timber"}], **jamb})
      end

      def asked(_set) = "The least gap at the pivot's jamb?"

      def parts(plan)
        corner = plan.working["pivots.least_corner"]
        [part(plan, "pivots.side_gap", "side gap", slips: ->(entry) { gaps(entry, corner) },
          under: "the corner binds on the jamb before the pair is folded")]
      end

      def given(plan)
        gap = plan.working["pivots.side_gap"].values
        {"the kit's own side gap" => gap[:gaps].first, "a little to spare" => plan.working["pivots.least_corner"]
          .values[:margin], "set in steps of" => gap[:step]}
      end

      def gaps(entry, corner)
        kit, half = entry.values.fetch(:gaps).first, corner.values.fetch(:thickness) / 2
        [Slip.new("that is the kit's own gap, which is not enough here", kit),
          Slip.new("that is half the thickness", half),
          slip("the little to spare was forgotten", entry, gaps: [kit, corner.value - corner.values.fetch(:margin)])]
          .compact.reject { |slip| slip.value == entry.value }
      end
    end
  end
end
