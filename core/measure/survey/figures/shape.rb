# frozen_string_literal: true

module YellowTrack
  class Survey
    class Figures
      # How far an opening is from a rectangle (handbook 2): how the jambs belly, head and floor are from parallel, the
      # head hangs, mm.
      class Shape
        # @return [Rational] over nothing when the jambs belly into the opening
        attr_reader :bow
        # @return [Rational] mm between the largest height and the least
        attr_reader :height_spread
        # @return [Rational] mm that the head hangs below its ends in the middle
        attr_reader :sag

        # @return [Float, nil] mm that its top stands to the right of its bottom; nil of an open shape
        attr_reader :out_of_square

        # @param survey [Survey] complete
        # @param closure [Closure] of it
        # @param work [Working] the ledger to write in
        # @param heads [Array<Rational>] left, in the middle, right: above the datum where the floor was read, else the
        #   heights themselves
        def initialize(survey, closure, work, heads:)
          @bow = bow_of(*survey.widths, work:)
          list = survey.heights
          @height_spread = work.sum("survey.height_spread", "Height spread", "most(heights) − least(heights)",
            heights: list, from: :survey, why: "How far head and floor are from running parallel.")
          @sag = sag_of(*heads, work:)
          @out_of_square = closure.out_of_square
          square(closure, work)
          freeze
        end

        private

        def bow_of(top, middle, bottom, work:)
          work.sum("survey.bow", "Jamb bow", "(top + bottom) ÷ 2 − middle", top:, bottom:, middle:, from: :survey,
            why: "Over nothing when the jambs belly into the opening. No adjuster takes it out.")
        end

        def sag_of(left, middle, right, work:)
          work.sum("survey.sag", "Head sag", "(left + right) ÷ 2 − middle", left:, right:, middle:, from: :survey,
            why: "Over nothing when the head hangs in the middle (or, without floor stations, the floor humps).")
        end

        def square(closure, work)
          return if closure.open?

          work.sum("survey.out_of_square", "Out of square", "(left lean + right lean) ÷ 2", from: :survey,
            left_lean: closure.lean(:left), right_lean: closure.lean(:right),
            why: "How far the top stands to the right of the bottom, of the solved corners.")
        end
      end
    end
  end
end
