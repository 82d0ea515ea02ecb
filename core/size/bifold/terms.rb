# frozen_string_literal: true

module YellowTrack
  class Bifold
    # What a bifold's sums start from: what the kit says and the fitter chose
    # (handbook 5). Lengths in mm.
    class Terms
      PANELS = [2, 4].freeze
      HALF_JAMB_DEPTH = 20r # mm

      # @return [Numeric] T
      attr_reader :thickness

      # @param opening [Opening]
      # @param thickness [Rational] of a panel
      # @raise [Fault] for a number of panels that makes no pairs
      def initialize(opening, thickness)
        @opening, @thickness = opening, thickness
        refuse_odd
        freeze
      end

      # @return [Integer] 1 or 2
      def pairs = (opening["panels"] || 2) / 2

      # Whether a pair folds to either side.
      def two_pairs? = pairs == 2

      # The side a single pair turns at.
      def hand = opening["hand"] || "left"

      # The fitter's own gap beside a pivot; nil where it is worked out.
      def own_side_gap = opening["side_gap"]

      # The kit's gap beside a pivot, at least.
      def least_side_gap = kit.fetch("side_gap")

      # Half jamb's thickness w; nil without one.
      def half_jamb = opening["half_jamb.thickness"]

      # How far the half jamb's back stands in front of the panels, s.
      def setback = opening["setback"] || kit.fetch("setback")

      # Pivot inset i and lead inset il.
      def pivot_inset = opening["inset"] || kit.fetch("pivot_inset")

      # @return [Rational] mm from the leading edge to the guide's pin
      def lead_inset = kit.fetch("lead_inset")

      # @return [Rational] mm between the two leaves of a pair
      def hinge_gap = kit.fetch("hinge_gap")

      # How far the half jamb's front stands before its back, hd.
      def half_jamb_depth = opening["half_jamb.depth"] || HALF_JAMB_DEPTH

      # How far the fold first swings a lead corner beyond its closed place, e, for a
      # panel width (handbook 5, "The lead gap comes from the turn too").
      def swing(panel)
        reach = (2 * panel + hinge_gap - (pivot_inset + lead_inset) / 2).to_f
        Math.hypot(reach, 1.5 * thickness) - reach.abs
      end

      # The kit's own gap at the lead or the meet.
      def last_key = two_pairs? ? "meet_gap" : "lead_gap"

      # The lead or meet gap planned: the kit's, or what the swing needs.
      #
      # @param work [Working]
      # @param panel [Numeric] width that the swing is worked with
      def last_gap(work, panel)
        kits = work.given("kit.#{last_key}", two_pairs? ? "Meet gap" : "Lead gap", kit.fetch(last_key), from: :kit,
          source: "kit.#{last_key}", why: "From the kit sheet #{kit.name}.")
        work.sum("fold.wanted_gap", two_pairs? ? "Meet gap planned" : "Lead gap planned",
          "up(most(kits, swings × swing + margin), step)", kits:, swings: pairs, swing: swing(panel),
          margin: SideGap::MARGIN, step: SideGap::STEP, why: "The fold first pushes the lead corner outward.")
      end

      # The widest fold that the kit lets, degrees.
      def widest_fold = kit.fetch("fold")

      private

      attr_reader :opening

      def kit = opening.kit

      def refuse_odd
        return if PANELS.include?(opening["panels"] || 2)

        raise Fault.new("#{opening["panels"]} panels make no pairs. It takes #{PANELS.join(" or ")}.",
          key: "set.panels")
      end
    end
  end
end
