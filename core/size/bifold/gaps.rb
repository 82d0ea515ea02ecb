# frozen_string_literal: true

module YellowTrack
  class Bifold
    # The gaps beside a folding pair, and the panel width they leave
    # (handbook 5, "Width"). All in mm.
    #
    # One pair: gp + 2·P + h + gl = W. Two pairs: 2·gp + 4·P + 2·h + m = W.
    class Gaps
      STEP = SideGap::STEP
      MARGIN = SideGap::MARGIN
      WIDE = 8r # a meet wider than this by rounding is shared to the sides

      # @return [SideGap] what the turn needs beside a pivot
      attr_reader :beside
      # @return [Rational] gp as it comes out
      attr_reader :side
      # @return [Rational] what the fold leaves at the strike, or between the leads, as it comes out
      attr_reader :last
      # @return [Rational] P
      attr_reader :width

      # @param set [Bifold] that is sized, its panels not yet
      # @raise [NothingLeft]
      def initialize(set)
        @set = set
        @beside = SideGap.new(terms, work)
        @side = beside.gap
        wanted = terms.last_gap(work, exact(set.kit.fetch(terms.last_key)))
        @width = ready_made? ? ready_made : own(wanted)
        set.brief.leave(set.sizing, "panels.width")
        @last = remainder("fold.#{terms.two_pairs? ? "meet" : "lead"}_gap")
        share([WIDE, wanted].max) if terms.two_pairs? && !ready_made?
      end

      # @return [Rational, nil] gl as it comes out; nil for two pairs
      def lead = (last unless terms.two_pairs?)

      # @return [Rational, nil] m as it comes out; nil for one pair
      def meet = (last if terms.two_pairs?)

      # How far the fold first swings a lead corner beyond its closed place,
      # e, for panels as they come out.
      def swing = terms.swing(width)

      # A fitter's own side gap, as given.
      def own_side = beside.own

      # gp₁ and gp₂.
      def least_corner = beside.corner

      # @return [Rational] mm under which the strip does not hide the gap
      def least_half_jamb = beside.half_jamb

      private

      def terms = @set.terms

      def work = @set.work

      def all = @set.sizing.width

      def ready_made? = !@set.opening["width"].nil?

      def pairs = terms.pairs

      # Panel width before rounding, for a lead or meet gap.
      def exact(gap) = (all - pairs * (side + terms.hinge_gap) - gap) / (2 * pairs)

      def own(gap)
        work.sum("panels.width", "Panel width, P",
          "down((width − pairs × (side gap + hinge gap) − gap) ÷ (2 × pairs), grain)",
          width: all, pairs:, side_gap: side, hinge_gap: terms.hinge_gap, gap:, grain: @set.brief.grain,
          why: "Rounded down to the grain; the left-over joins the #{terms.two_pairs? ? "meet" : "lead"} gap.")
      end

      def ready_made
        work.given("panels.width", "Panel width, P", @set.opening["width"], from: :fitter, source: "set.width",
          why: "Ready-made.")
      end

      def remainder(key)
        work.sum(key, terms.two_pairs? ? "Meet gap as it comes out, m" : "Lead gap as it comes out, gl",
          "width − pairs × (side gap + hinge gap) − 2 × pairs × panel", width: all, pairs:, side_gap: side,
          hinge_gap: terms.hinge_gap, panel: width, why: "What the panels leave.")
      end

      # What rounding gives the meet beyond the most goes to the two side gaps.
      def share(most)
        return unless meet > most

        @side = work.sum("pivots.side_gap", "Side gap, gp", "side gap + (meet − most) ÷ 2", side_gap: side, meet:,
          most:, why: "What rounding gave the meet over #{most.to_i} mm is shared to the two sides.")
        @last = remainder("fold.meet_gap")
      end
    end
  end
end
