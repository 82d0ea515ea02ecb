# frozen_string_literal: true

module YellowTrack
  class Prepare
    # Cuts of a half jamb: a head piece, and sides under it (handbook 7). mm.
    class HalfJamb
      # @return [Rational] from jamb to jamb; the plumb width where the jambs
      #   are packed
      attr_reader :head
      # @return [Rational] side pieces, shorter by a covering that goes down
      #   first
      attr_reader :left, :right

      # @param set [Bifold] with a half jamb
      def initialize(set)
        @set = set
        set.work.given("prepare.half_jamb.thickness", "Half jamb, w", set.half_jamb, from: :fitter,
          source: "set.half_jamb",
          why: "Its thickness.")
        @head = set.work.given("prepare.half_jamb.head", "Half jamb, head piece", width, from: :survey,
          why: "From jamb to jamb.")
        @left, @right = %w[left right].map { |side| side_piece(side) }
      end

      # @return [Hash] mm, as it stands in the plan's file
      def to_h = {thickness: @set.half_jamb, head:, left:, right:}

      private

      def width = packed? ? @set.brief.figures.plumb_width : @set.brief.survey["widths.top"]

      def side_piece(side)
        @set.work.sum("prepare.half_jamb.#{side}", "Half jamb, #{side} side",
          "height − head packing − half jamb − covering", half_jamb: @set.half_jamb,
          head_packing: @set.sizing.head_packing, height: @set.brief.survey["heights.#{side}"],
          covering: @set.brief.figures.covering, why: "Under the head piece; what packs the head down stands above it.")
      end

      def packed? = %w[left right].any? { |side| @set.sizing.packing(side).positive? }
    end
  end
end
