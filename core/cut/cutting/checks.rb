# frozen_string_literal: true

module YellowTrack
  class Cutting
    # What could not be cut, and why (handbook 9).
    class Checks
      # @param too_long [Array<Piece>] longer than every bar
      # @param short [Array<Piece>] that no bar is left for
      def initialize(too_long, short)
        @too_long = too_long
        @short = short
      end

      # @return [Array<Check>]
      def found = [long, run_short].compact

      private

      def long
        check("cut.long", @too_long, "longer than every bar.", cure: "Get longer bars, or join it.")
      end

      def run_short
        check("cut.short", @short, "no bar is left that could hold #{(@short.length > 1) ? "them" : "it"}.",
          cure: "Get more bars.")
      end

      def check(code, pieces, says, cure:)
        return if pieces.empty?

        Check.new(code:, level: :stop, says: "#{pieces.map(&:name).join(", ")}: #{says}", do: cure)
      end
    end
  end
end
