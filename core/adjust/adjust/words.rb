# frozen_string_literal: true

module YellowTrack
  module Adjust
    # Turns and settings as a fitter says them.
    module Words
      QUARTERS = ["", "¼", "½", "¾"].freeze

      module_function

      # @param turns [Numeric] in quarters, not negative
      # @return [String] "1¾"
      def turns(turns)
        whole, quarters = (turns * QUARTER).round.divmod(QUARTER)
        return QUARTERS[quarters] if whole.zero? && quarters.positive?

        "#{whole}#{QUARTERS[quarters]}"
      end

      # @return [String] "1¾ turns clockwise", "not turned"
      def turned(kit, turns, by)
        return "not turned" if turns.zero?

        "#{turns(turns)} #{(turns > 1) ? "turns" : "turn"} #{Adjust.way(kit, by)}"
      end

      # A length with its sign, where the sign says which way.
      #
      # @param mm [Numeric] + up, or away from the jamb
      # @return [String] "+1.5", "−2", "0"
      def signed(mm, printer)
        nothing, text = printer.short(0r), printer.short(mm.abs)
        return nothing if mm.round(1).zero? || text == nothing

        "#{mm.positive? ? "+" : "−"}#{text}"
      end
    end
  end
end
