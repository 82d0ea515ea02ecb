# frozen_string_literal: true

module YellowTrack
  class Survey
    class Figures
      # What the width readings and the leans come to (handbook 2), mm.
      class Widths
        # @return [Rational] least and most of the three readings, and between them
        attr_reader :tightest, :greatest, :spread
        # @return [Rational] clear between two plumb lines, and where the left one stands from its jamb's foot
        attr_reader :plumb, :plumb_start

        # @param survey [Survey] complete
        # @param closure [Closure] of it
        # @param work [Working] the ledger to write in
        def initialize(survey, closure, work)
          @survey, @closure, @work = survey, closure, work
          sum_up
        end

        # How far a jamb's top stands to the right of its foot, mm, where it is
        # known: as read, else of the corners of a checked shape, rounded to 0.001.
        # A shape that nothing checks lends no lean: its one diagonal would let its
        # own slip size the set.
        #
        # @param side [:left, :right]
        # @return [Rational, nil]
        def lean(side)
          read = @survey["leans.#{side}"]
          return read if read || !@closure.checked?

          Rational(@closure.lean(side).round(3).to_s)
        end

        # Whether both jambs' leans are known.
        def leans_known? = !lean(:left).nil? && !lean(:right).nil?

        private

        def sum_up
          list = @survey.widths
          @tightest = @work.sum("survey.tightest_width", "Tightest width", "least(widths)", widths: list,
            from: :survey,
            why: "The least of the three: nothing wider gets in.")
          @greatest = @work.sum("survey.greatest_width", "Greatest width", "most(widths)", widths: list,
            from: :survey,
            why: "The most of the three: what a set on the wall has to cover.")
          @spread = @work.sum("survey.width_spread", "Width spread", "most(widths) − least(widths)", widths: list,
            from: :survey, why: "How far the jambs are from running parallel.")
          between_plumb_lines
        end

        def between_plumb_lines
          left, right = lean(:left), lean(:right)
          @plumb_start = leans_known? ? [0r, left].max : 0r
          @plumb = leans_known? ? plumb_between(left, right) : tightest
        end

        def plumb_between(left, right)
          @work.sum("survey.plumb_width", "Plumb width",
            "most(least(least(floor, floor + right lean) − most(0, left lean), tightest), 0)",
            floor: @survey["widths.bottom"], right_lean: right, left_lean: left, tightest: tightest, from: :survey,
            why: "Between two plumb lines that clear both jambs; leans as read, else of corners that other readings " \
              "check.")
        end
      end
    end
  end
end
