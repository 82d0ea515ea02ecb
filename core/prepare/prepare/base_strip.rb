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
      def stations
        places.each_with_index.map do |x, place|
          shim = shim(x, place + 1)
          Station.new(x, shim, BuildUp.new(shim, stock: BuildUp::SHIMS).layers)
        end
      end

      private

      def places
        count = 4 * [((@to - @from) / 4 / APART).ceil, 1].max
        (0..count).map { |place| @from + (@to - @from) * place / count }
      end

      # The strip's thickness cancels: level line − strip − floor − covering.
      def shim(x, number)
        @brief.work.sum("prepare.base_strip.#{number}.shim", "Shim #{number}", "most(high floor − floor − covering, 0)",
          high_floor: @brief.figures.finished_floor, floor: @brief.survey.floor.at(x),
          covering: @brief.figures.covering,
          why: "Brings the strip level.")
      end
    end
  end
end
