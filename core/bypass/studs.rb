# frozen_string_literal: true

module YellowTrack
  class Bypass
    # Whether a rail's holes meet the studs of the wall (handbook 4).
    class Studs
      WITHIN = 12 # mm from a stud's centre, for a hole to serve
      APART = 610 # most between two that serve
      FROM_END = 300 # most from an end of the rail

      # @param studs [Array<Rational>, nil] centres, from the left jamb's foot
      # @param rail [Track]
      def initialize(studs, rail)
        @studs = studs || []
        @rail = rail
        freeze
      end

      def listed? = @studs.any?

      # Places of the holes that serve, from the rail's left end.
      def serving
        @rail.holes.select { |hole| @studs.any? { |stud| (stud - @rail.start - hole).abs <= WITHIN } }
      end

      # @return [Boolean, nil] nil while no studs are listed
      def header_board?
        return unless listed?
        return true if serving.empty?

        holes = serving.sort
        holes.first > FROM_END || @rail.length - holes.last > FROM_END ||
          holes.each_cons(2).any? { |left, right| right - left > APART }
      end
    end
  end
end
