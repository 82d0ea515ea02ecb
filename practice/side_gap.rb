# frozen_string_literal: true

module YellowTrack
  module Practice
    # The least gap at a pivot, so that the corner clears as it swings (handbook 5).
    # A pivot 32 in from the edge, say, and a leaf so thick that its corner needs 5.235: set up to the next half, 5.5,
    # though the kit would do with 4.
    class SideGap < Drill
      KEY, NAME = "side-gap", "Side gap"
      LEARN = "The corner swings on a circle about the pivot: its radius less the inset, and a little to spare; " \
        "never less than the kit's own gap."

      private

      # The inset differs from the kit's, or its own side gap would be the answer every time; a half jamb, which the
      # pair has to fold past, comes with the fourth level.
      def drawn
        jamb = (level >= 4) ? {half_jamb: {"thickness" => site.told(site.about(8..14))}} : {}
        folding(site.document(700..1100, 2000..2300), inset: site.about(20..38), **jamb)
      end

      def asked(_set) = "The least gap at the pivot's jamb?"

      def parts(plan)
        corner = plan.working["pivots.least_corner"]
        @strip = plan.opening["half_jamb.thickness"]
        [part(plan, "pivots.side_gap", "side gap", slips: ->(entry) { gaps(entry, corner) },
          under: "the corner binds on the jamb before the pair is folded", why: before(plan))]
      end

      # The sums that it is the most of.
      def before(plan)
        entries = %w[pivots.least_corner pivots.least_half_jamb].map { |key|
          plan.working.entries.find { |one| one.key == key }
        }
        printer = plan.opening.printer
        entries.compact.map { |entry| entry.line(printer) }.join("; ")
      end

      def given(plan)
        gap = plan.working["pivots.side_gap"].values
        {"pivot, from its edge" => plan.working["set.inset"].value, "the kit's own side gap" => gap[:gaps].first,
         "a little to spare" => plan.working["pivots.least_corner"]
           .values[:margin], "set in steps of" => gap[:step], **(@strip ? folded(plan) : {})}
      end

      # How far it folds past a half jamb.
      def folded(plan)
        values = plan.working["pivots.least_half_jamb"].values
        {"setback behind the half jamb" => values[:setback],
         "the widest fold" => "#{values[:fold].number.to_f.round(1)}°"}
      end

      # The two numbers that stand nearest to hand: the one printed on the sheet, and half of what is folded.
      def gaps(entry, corner)
        kit, half = entry.values.fetch(:gaps).first, corner.values.fetch(:thickness) / 2
        [Slip.new("that is the kit's own gap, which is not enough here", kit),
          Slip.new("that is half the thickness", half), *(beside_half_jamb(entry) if @strip)].compact
      end

      # Both come of looking at one of the two things that need room, the corner and the half jamb, and not at the
      # larger.
      def beside_half_jamb(entry)
        [Slip.new("that is the half jamb's width alone", @strip),
          slip("the half jamb was forgotten", entry, gaps: entry.values.fetch(:gaps).first(2))]
      end
    end
  end
end
