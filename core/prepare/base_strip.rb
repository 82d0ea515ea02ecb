# frozen_string_literal: true

module YellowTrack
  class Prepare
    # Shims that bring a base strip level (handbook 7, "A level base strip").
    # Level line: the floor's high point, covering and strip. All in mm.
    class BaseStrip
      APART = 400 # stations no farther

      # x, the shim there, and the stack that makes it, never lifting the strip
      Station = Struct.new(:x, :shim, :layers)

      # @param brief [Brief]
      # @param from [Rational] x of the strip's left end
      # @param to [Rational] x of its right end
      def initialize(brief, from, to)
        @brief = brief
        @from = from
        @to = to
      end

      # Both ends, the middle, the quarters, and between them as needed.
      #
      # @return [Array<Station>]
      def stations = places.map { |x| Station.new(x, shim(x), BuildUp.new(shim(x), stock: BuildUp::SHIMS).layers) }

      private

      def places
        count = 4 * [((@to - @from) / 4 / APART).ceil, 1].max
        (0..count).map { |place| @from + (@to - @from) * place / count }
      end

      # The strip's thickness cancels: level line − strip − floor − covering.
      def shim(x) = [@brief.figures.finished_floor - @brief.survey.floor.at(x) - @brief.figures.covering, 0r].max
    end
  end
end
