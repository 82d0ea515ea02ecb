# frozen_string_literal: true

module YellowTrack
  class Bypass
    # A board in front of the track, where one is asked for (handbook 15). mm.
    class Pelmet
      CLEAR = 2r # of a piece inside the opening, in all
      PAST = 20r # a front on the wall passes the rail's ends by, in all
      BEHIND = 10r # a return reaches past the last panel by

      # @return [Array<Rational>] length of each piece
      attr_reader :lengths

      # @param set [Bypass] placed
      # @return [Pelmet, nil]
      def self.of(set) = set.opening["pelmet"] && new(set)

      # @param set [Bypass] placed
      def initialize(set)
        @set = set
        @lengths = set.covers? ? round_the_rail : [inside]
        freeze
      end

      # @return [Rational, nil] mm; nil where there is none
      def height = @set.opening["pelmet.height"]

      # @return [Rational, nil] mm
      def thickness = @set.opening["pelmet.thickness"]

      # What each piece is called.
      def names = @set.covers? ? ["front", "left return", "right return"] : ["front"]

      # @return [Hash] mm, as it stands in the plan's file
      def to_h = {lengths:}

      private

      def sum(key, title, formula, why:, **values) = @set.work.sum("pelmet.#{key}", title, formula, why:, **values)

      def inside
        sum("front", "Pelmet", "most(width at the head − left packing − right packing − clear, 0)",
          why: "Between the jambs.", width_at_the_head: @set.brief.survey["widths.top"],
          left_packing: @set.sizing.packing("left"), right_packing: @set.sizing.packing("right"), clear: CLEAR)
      end

      def round_the_rail
        front = sum("front", "Pelmet, front", "rail + past", why: "Past both ends of the rail.",
          rail: @set.track.length,
          past: PAST)
        side = sum("return", "Pelmet, return",
          "stand off + packing + board + lanes × thickness + between × air + behind",
          why: "From the wall to past the front panel.", stand_off: @set.kit.fetch("standoff"),
          packing: @set.wall.standoff,
          board: @set.wall.board_thickness, lanes: lanes, between: lanes - 1, thickness: @set.thickness,
          air: @set.air || 0r, behind: BEHIND)
        [front, side, side]
      end

      def lanes = @set.pattern.lanes.uniq.length
    end
  end
end
