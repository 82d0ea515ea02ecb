# frozen_string_literal: true

require "forwardable"

module YellowTrack
  class Survey
    # What follows from the readings (handbook 2): the derived figures, and
    # the widths and heights a set is sized to. All in mm.
    class Figures
      extend Forwardable

      # @return [Widths]
      attr_reader :widths
      # @return [Floors]
      attr_reader :floors
      # @return [Heads]
      attr_reader :heads
      # @return [Rational] covering to come that counts in the heights
      attr_reader :standing

      def_delegators :widths, :plumb_start, :lean, :leans_known?
      def_delegator :widths, :tightest, :tightest_width
      def_delegator :widths, :greatest, :greatest_width
      def_delegator :widths, :plumb, :plumb_width
      def_delegator :widths, :spread, :width_spread
      def_delegators :floors, :covering
      def_delegator :floors, :high, :floor_high
      def_delegator :floors, :fall, :floor_fall
      def_delegator :floors, :finished, :finished_floor
      def_delegator :heads, :level, :level_height
      def_delegator :heads, :greatest, :greatest_head
      def_delegator :heads, :low, :head_low
      def_delegator :heads, :high, :head_high
      def_delegator :heads, :at, :head

      # @param survey [Survey] complete
      # @param closure [Closure] of it
      # @param work [Working] the ledger to write in
      # @param standing [Rational] covering to come that counts in the heights: all
      #   of it, or none where it is laid up to a floor rail (handbook 15)
      def initialize(survey, closure, work, standing: survey.covering)
        @survey, @closure, @work, @standing = survey, closure, work, standing
        @widths = Widths.new(survey, closure, work)
        @floors = Floors.new(survey, work)
        @heads = Heads.new(survey, @floors, work, standing:)
        @shape = shape
      end

      # How far the jambs belly, head and floor are from parallel, the head hangs.
      #
      # @return [Rational]
      def bow = @shape.fetch(:bow)

      # @return [Rational] mm between the largest height and the least
      def height_spread = @shape.fetch(:height_spread)

      # @return [Rational] mm that the head hangs below its ends in the middle
      def sag = @shape.fetch(:sag)

      # What stands in the plan file's "survey", the closure apart.
      def to_h
        {tightest_width:, plumb_width:, level_height:, covering:, floor_high: finished_floor, floor_fall:,
         width_spread:,
         height_spread:, bow:, sag:, out_of_square: @closure.out_of_square}
      end

      private

      def shape
        top, middle, bottom = @survey.widths
        bow = @work.sum("survey.bow", "Jamb bow", "(top + bottom) ÷ 2 − middle", top:, bottom:, middle:, from: :survey,
          why: "Over nothing when the jambs belly into the opening. No adjuster takes it out.")
        list = @survey.heights
        height_spread = @work.sum("survey.height_spread", "Height spread", "most(heights) − least(heights)",
          heights: list,
          from: :survey, why: "How far head and floor are from running parallel.")
        sag = sag_of(*(floors.read? ? heads.all : list))
        square
        {bow:, height_spread:, sag:}
      end

      def sag_of(left, middle, right)
        @work.sum("survey.sag", "Head sag", "(left + right) ÷ 2 − middle", left:, right:, middle:, from: :survey,
          why: "Over nothing when the head hangs in the middle (or, without floor stations, the floor humps).")
      end

      def square
        return if @closure.open?

        @work.sum("survey.out_of_square", "Out of square", "(left lean + right lean) ÷ 2", from: :survey,
          left_lean: @closure.lean(:left), right_lean: @closure.lean(:right),
          why: "How far the top stands to the right of the bottom, of the solved corners.")
      end
    end
  end
end
