# frozen_string_literal: true

module YellowTrack
  class Bifold
    # The gap beside a pivot, by the turn of the panel and by a half jamb
    # (handbook 5, "The pivot-side gap comes from the turn"). All in mm.
    class SideGap
      STEP = 1r / 2 # gaps are rounded up to it
      MARGIN = 1r # kept beyond what the turn needs

      # @return [Numeric] gp₁, from the turn of the pivot panel's corner
      attr_reader :corner
      # @return [Numeric, nil] gp₂, from the half jamb
      attr_reader :half_jamb
      # @return [Rational] gp: the fitter's, else the most of the kit's and these
      attr_reader :gap

      # @param terms [Terms]
      # @param work [Working]
      def initialize(terms, work)
        @terms, @work = terms, work
        @corner = by_corner
        @half_jamb = by_half_jamb if terms.half_jamb
        @gap = own ? given : most
        freeze
      end

      # A fitter's own, as given.
      def own = terms.own_side_gap

      private

      attr_reader :terms

      def by_corner
        @work.sum("pivots.least_corner", "Least side gap by the turn, gp₁",
          "root(inset² + (thickness ÷ 2)²) − inset + margin", inset: terms.pivot_inset, thickness: terms.thickness,
          margin: MARGIN,
          why: "The corner sweeps a circle about the pivot.")
      end

      def by_half_jamb
        @work.sum("pivots.least_half_jamb", "Least side gap by the half jamb, gp₂",
          "strip − inset + (thickness ÷ 2 + margin − (thickness ÷ 2 + setback) × cos(fold)) ÷ sin(fold)",
          strip: terms.half_jamb, inset: terms.pivot_inset, thickness: terms.thickness, setback: terms.setback,
          margin: MARGIN, fold: Working::Plain.new(terms.widest_fold, "°"),
          why: "The front face stays clear of the strip up to the widest fold.")
      end

      def given
        @work.given("pivots.side_gap", "Side gap, gp", own, from: :fitter, source: "set.side_gap",
          why: "Your own figure.")
      end

      def most
        @work.sum("pivots.side_gap", "Side gap, gp", "up(most(gaps), step)",
          gaps: [terms.least_side_gap, corner, half_jamb].compact, step: STEP,
          why: "The most of the kit's and what the turn needs, rounded up to a half.")
      end
    end
  end
end
