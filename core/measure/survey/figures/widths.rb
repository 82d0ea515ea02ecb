# frozen_string_literal: true

require "forwardable"

module YellowTrack
  class Survey
    class Figures
      # What the width readings and the leans come to (handbook 2), mm.
      class Widths
        extend Forwardable

        # @return [Rational] least and most of the three readings, and between them
        attr_reader :tightest, :greatest, :spread
        # @return [Rational] clear between two plumb lines
        attr_reader :plumb

        def_delegator :@leans, :[], :lean
        def_delegator :@leans, :known?, :leans_known?
        def_delegators :@leans, :plumb_start

        # @param survey [Survey] complete
        # @param closure [Closure] of it
        # @param work [Working] the ledger to write in
        def initialize(survey, closure, work)
          @leans = Leans.new(survey, closure)
          sum_up(survey.widths, work)
          @plumb = leans_known? ? plumb_between(survey["widths.bottom"], work) : tightest
        end

        private

        def sum_up(list, work)
          @tightest = work.sum("survey.tightest_width", "Tightest width", "least(widths)", widths: list,
            from: :survey,
            why: "The least of the three: nothing wider gets in.")
          @greatest = work.sum("survey.greatest_width", "Greatest width", "most(widths)", widths: list,
            from: :survey,
            why: "The most of the three: what a set on the wall has to cover.")
          @spread = work.sum("survey.width_spread", "Width spread", "most(widths) − least(widths)", widths: list,
            from: :survey, why: "How far the jambs are from running parallel.")
        end

        def plumb_between(floor, work)
          work.sum("survey.plumb_width", "Plumb width",
            "most(least(least(floor, floor + right lean) − most(0, left lean), tightest), 0)",
            floor:, right_lean: lean(:right), left_lean: lean(:left), tightest: tightest, from: :survey,
            why: "Between two plumb lines that clear both jambs; leans as read, else of corners that other readings " \
              "check.")
        end
      end
    end
  end
end
