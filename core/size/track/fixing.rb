# frozen_string_literal: true

module YellowTrack
  class Track
    # Whether a track's holes meet what a screw holds in (handbook 4 and 15): the
    # studs of a wall, or the joists behind a head of boards. All in mm.
    class Fixing
      WITHIN = 12 # from a stud's centre, for a hole to serve
      APART = 610 # most between two that serve
      FROM_END = 300 # most from an end of the track

      # @param centres [Array<Rational>, nil] from the left jamb's foot
      # @param track [Track]
      # @param solid [Range, nil] of places along the wall where every hole serves
      def initialize(centres, track, solid: nil)
        @centres, @track, @solid = centres || [], track, solid
        freeze
      end

      # Whether screws go where the wall has something for them, and not at even steps.
      def listed? = @centres.any?

      # Places of the holes that serve, from the track's left end.
      #
      # @return [Array<Rational>]
      def serving
        @track.holes.select { |hole| serves?(@track.start + hole) }.sort
      end

      # Whether those that serve are too few or too far apart.
      def misses?
        holes = serving
        return true if holes.empty?

        holes.first > FROM_END || @track.length - holes.last > FROM_END ||
          holes.each_cons(2).any? { |left, right| right - left > APART }
      end

      private

      def serves?(at) = @solid&.cover?(at) || @centres.any? { |centre| (centre - at).abs <= WITHIN }
    end
  end
end
