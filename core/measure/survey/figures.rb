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
      def_delegators :@shape, :bow, :height_spread, :sag

      # @param survey [Survey] complete
      # @param closure [Closure] of it
      # @param work [Working] the ledger to write in
      # @param standing [Rational] covering to come that counts in the heights: all
      #   of it, or none where it is laid up to a floor rail (handbook 15)
      def initialize(survey, closure, work, standing: survey.covering)
        @standing = standing
        @widths = Widths.new(survey, closure, work)
        @floors = Floors.new(survey, work)
        @heads = Heads.new(survey, @floors, work, standing:)
        @shape = Shape.new(survey, closure, work, heads: floors.read? ? heads.all : survey.heights)
      end

      # What stands in the plan file's "survey", the closure apart.
      def to_h
        {tightest_width:, plumb_width:, level_height:, covering:, floor_high: finished_floor, floor_fall:,
         width_spread:, height_spread:, bow:, sag:, out_of_square: @shape.out_of_square}
      end
    end
  end
end
