# frozen_string_literal: true

module YellowTrack
  class Prepare
    # Cuts of a half jamb: a head piece, and sides under it (handbook 7). mm.
    class HalfJamb
      # @param set [Bifold] with a half jamb
      def initialize(set)
        @set = set
      end

      # From jamb to jamb; the plumb width where the jambs are packed.
      def head = packed? ? @set.brief.figures.plumb_width : @set.brief.survey["widths.top"]

      # A side piece; shorter by a covering that goes down first.
      #
      # @param side ["left", "right"]
      def side(side) = @set.brief.survey["heights.#{side}"] - @set.half_jamb - @set.brief.figures.covering

      def to_h = {thickness: @set.half_jamb, head:, left: side("left"), right: side("right")}

      private

      def packed? = %w[left right].any? { |side| @set.sizing.packing(side).positive? }
    end
  end
end
