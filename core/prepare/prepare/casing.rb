# frozen_string_literal: true

module YellowTrack
  class Prepare
    # Cuts of a casing round an opening as it is seen (handbook 7). Mitres 45°,
    # cut first; lengths then measured from the long point. All in mm.
    class Casing
      REVEAL = 6r
      OFF_FLOOR = 3 # legs stop short; the covering hides it

      # @param set [Family]
      # @param width [Rational] of the casing, k
      def initialize(set, width)
        @set = set
        @width = width
        cut
      end

      # @return [Rational] mm of jamb that stay seen beside the casing
      def reveal = @set.opening["reveal"] || REVEAL

      # @return [Rational] the head, short points
      attr_reader :head_short
      # @return [Rational] the head, long points
      attr_reader :head_long
      # @return [Rational] a leg, long points
      attr_reader :leg

      # @return [Hash] mm, as it stands in the plan's file
      def to_h = {head_short:, head_long:, leg:}

      private

      # Inside a half jamb, and under its head piece.
      def strip = @set.planted

      def cut
        seen = {width: @set.sizing.width, strip:, reveal:}
        @head_short = sum("head_short", "Casing head, short points", "width − 2 × strip + 2 × reveal", **seen)
        @head_long = sum("head_long", "Casing head, long points", "width − 2 × strip + 2 × reveal + 2 × casing", **seen,
          casing: @width)
        @leg = sum("leg", "Casing leg, long points", "height − strip + reveal + casing − off floor",
          height: @set.sizing.height, strip:,
          reveal:, casing: @width, off_floor: OFF_FLOOR.to_r)
      end

      def sum(key, title, formula, **values)
        @set.work.sum("prepare.casing.#{key}", title, formula, why: "Round the opening that is seen; mitres 45°.",
          **values)
      end
    end
  end
end
