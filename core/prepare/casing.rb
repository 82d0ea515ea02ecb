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
      end

      def reveal = @set.opening["reveal"] || REVEAL

      # The opening that is seen: inside a half jamb, under its head piece.
      def seen
        strip = @set.is_a?(Bifold) ? @set.half_jamb || 0r : 0r
        [@set.sizing.width - 2 * strip, @set.sizing.height - strip]
      end

      # The head, short points.
      def head_short = seen.first + 2 * reveal

      # The head, long points.
      def head_long = head_short + 2 * @width

      # A leg, long points.
      def leg = seen.last + reveal + @width - OFF_FLOOR

      def to_h = {head_short:, head_long:, leg:}
    end
  end
end
