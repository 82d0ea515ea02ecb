# frozen_string_literal: true

module YellowTrack
  class Bifold
    # The gaps beside a folding pair, and the panel width they leave
    # (handbook 5, "Width"). All in mm.
    #
    # One pair: gp + 2·P + h + gl = W. Two pairs: 2·gp + 4·P + 2·h + m = W.
    class Gaps
      STEP = 1r / 2 # gaps are rounded up to it
      MARGIN = 1r # kept beyond what the turn needs
      WIDE = 8r # a meet wider than this by rounding is shared to the sides

      # @return [Numeric] gp₁, from the turn of the pivot panel's corner
      attr_reader :least_corner
      # @return [Numeric, nil] gp₂, from the half jamb
      attr_reader :least_half_jamb
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
        sides
        wanted_gap
        @width = ready_made? ? ready_made : own
        brief.leave(sizing, "panels.width")
        left_over
        share if terms.two_pairs? && !ready_made? && meet > most_meet
      end

      # How far the fold first swings a lead corner beyond its closed place,
      # e, for panels as they come out.
      def swing = swing_of(width)

      # A fitter's own side gap, as given.
      def own_side = @brief.opening["side_gap"]

      # What the fold leaves at the strike, or between the leads.
      def last = lead || meet

      private

      attr_reader :terms

      def work = @brief.work

      def kit = @brief.kit

      def ready_made? = !@brief.opening["width"].nil?

      def sides
        @least_corner = work.sum("pivots.least_corner", "Least side gap by the turn, gp₁",
          "root(inset² + (thickness ÷ 2)²) − inset + margin", inset: terms.pivot_inset, thickness: terms.thickness,
          margin: MARGIN,
          why: "The corner sweeps a circle about the pivot.")
        @least_half_jamb = half_jamb if terms.half_jamb
        @side = own_side ? given_side : work.sum("pivots.side_gap", "Side gap, gp", "up(most(gaps), step)",
          gaps: [kit.fetch("side_gap"), least_corner, least_half_jamb].compact, step: STEP,
          why: "The most of the kit's and what the turn needs, rounded up to a half.")
      end

      def given_side
        work.given("pivots.side_gap", "Side gap, gp", own_side, from: :fitter, source: "set.side_gap",
          why: "Your own figure.")
      end

      def half_jamb
        work.sum("pivots.least_half_jamb", "Least side gap by the half jamb, gp₂",
          "strip − inset + (thickness ÷ 2 + margin − (thickness ÷ 2 + setback) × cos(fold)) ÷ sin(fold)",
          strip: terms.half_jamb, inset: terms.pivot_inset, thickness: terms.thickness, setback: terms.setback,
          margin: MARGIN,
          fold: Working::Plain.new(terms.widest_fold, "°"),
          why: "The front face stays clear of the strip up to the widest fold.")
      end

      # The lead or meet gap planned: the kit's, or what the swing needs.
      def wanted_gap
        key, swings = terms.two_pairs? ? ["meet_gap", 2] : ["lead_gap", 1]
        kits = @brief.from_kit(key, terms.two_pairs? ? "Meet gap" : "Lead gap")
        @wanted = work.sum("fold.wanted_gap", terms.two_pairs? ? "Meet gap planned" : "Lead gap planned",
          "up(most(kits, swings × swing + margin), step)", kits:, swings:, swing: swing_of(exact(kits)), margin: MARGIN,
          step: STEP,
          why: "The fold first pushes the lead corner outward.")
      end

      def swing_of(panel)
        reach = (2 * panel + terms.hinge_gap - (terms.pivot_inset + terms.lead_inset) / 2).to_f
        Math.hypot(reach, 1.5 * terms.thickness) - reach.abs
      end

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
