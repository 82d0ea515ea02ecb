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
      # @return [Rational, nil] gl as it comes out; nil for two pairs
      attr_reader :lead
      # @return [Rational, nil] m as it comes out; nil for one pair
      attr_reader :meet
      # @return [Rational] P
      attr_reader :width

      # @param brief [Brief]
      # @param terms [Terms]
      # @param sizing [Sizing]
      # @raise [NothingLeft]
      def initialize(brief, terms, sizing)
        @brief, @terms, @sizing = brief, terms, sizing
        @beside = SideGap.new(brief.opening, terms, work)
        @side = beside.gap
        @wanted = terms.last_gap(work, exact(kit.fetch(terms.last_key)))
        @width = ready_made? ? ready_made : own
        brief.leave(sizing, "panels.width")
        left_over
        share if terms.two_pairs? && !ready_made? && meet > most_meet
      end

      # How far the fold first swings a lead corner beyond its closed place,
      # e, for panels as they come out.
      def swing = terms.swing(width)

      # A fitter's own side gap, as given.
      def own_side = beside.own

      # gp₁ and gp₂.
      def least_corner = beside.corner

      # @return [Rational] mm under which the strip does not hide the gap
      def least_half_jamb = beside.half_jamb

      # What the fold leaves at the strike, or between the leads.
      def last = lead || meet

      private

      attr_reader :terms

      def work = @brief.work

      def kit = @brief.kit

      def ready_made? = !@brief.opening["width"].nil?

      def pairs = terms.pairs

      # Panel width before rounding, for a lead or meet gap.
      def exact(gap) = (@sizing.width - pairs * (side + terms.hinge_gap) - gap) / (2 * pairs)

      def own
        work.sum("panels.width", "Panel width, P",
          "down((width − pairs × (side gap + hinge gap) − gap) ÷ (2 × pairs), grain)",
          width: @sizing.width, pairs:, side_gap: side, hinge_gap: terms.hinge_gap, gap: @wanted, grain: @brief.grain,
          why: "Rounded down to the grain; the left-over joins the #{terms.two_pairs? ? "meet" : "lead"} gap.")
      end

      def ready_made
        work.given("panels.width", "Panel width, P", @brief.opening["width"], from: :fitter, source: "set.width",
          why: "Ready-made.")
      end

      def left_over
        rest = remainder("fold.#{terms.two_pairs? ? "meet" : "lead"}_gap")
        terms.two_pairs? ? @meet = rest : @lead = rest
      end

      def remainder(key)
        work.sum(key, terms.two_pairs? ? "Meet gap as it comes out, m" : "Lead gap as it comes out, gl",
          "width − pairs × (side gap + hinge gap) − 2 × pairs × panel", width: @sizing.width, pairs:, side_gap: side,
          hinge_gap: terms.hinge_gap, panel: width, why: "What the panels leave.")
      end

      def most_meet = [WIDE, @wanted].max

      # What rounding gives the meet beyond that goes to the two side gaps.
      def share
        @side = work.sum("pivots.side_gap", "Side gap, gp", "side gap + (meet − most) ÷ 2", side_gap: side, meet:,
          most: most_meet,
          why: "What rounding gave the meet over #{most_meet.to_i} mm is shared to the two sides.")
        @meet = remainder("fold.meet_gap")
      end
    end
  end
end
