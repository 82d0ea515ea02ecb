# frozen_string_literal: true

module YellowTrack
  module Adjust
    # What a hung panel's answer has to say beside the move: limits that stop
    # it, with what would cure them, and bow (handbook 8).
    class Checks
      # @param hung [Hung]
      # @param answer [Slider, Fold]
      # @param learnt [Learnt]
      # @param printer [Length::Printer]
      def initialize(hung, answer, learnt, printer)
        @hung, @answer, @learnt, @printer = hung, answer, learnt, printer
      end

      # @return [Array<Check>]
      def found = [*stops, bow, slip].select(&:itself)

      private

      def check(code, level, says, cure) = Check.new(code:, level:, says:, do: cure).freeze

      def len(mm) = @printer.with_unit(mm)

      def stops = @answer.codes.grep(/range|floor|head/).map { |code| (@hung.kind == :slider) ? sliding(code) : folding(code) }

      def sliding(code)
        over = @answer.lacking[code] || 0r
        case code
        when "adjust.range" then check(code, :stop, "One hanger alone runs to its end, #{len(over)} short.", "Pack the jamb by what is left over#{left_over}, or move the other hanger too.")
        when "adjust.floor" then check(code, :stop, "One hanger alone brings a lower corner too near the floor, by #{len(over)}.", "Trim #{len(over)} off the foot, or pack the jamb by what is left over#{left_over}.")
        else check(code, :stop, "One hanger alone brings an upper corner too near what is above, by #{len(over)}.", "Pack the track lower by #{len(over)}, or pack the jamb by what is left over#{left_over}.")
        end
      end

      # What stays of the taper when all that can be turned is turned.
      def left_over
        after = @answer.advice ? @answer.expected : @answer.gaps_after(0r, 0r)
        ", #{len((after["top"] - after["bottom"]).abs)}"
      end

      def folding(code)
        return check(code, :stop, "The jack has no way left for #{len(@answer.jack.abs)}.", "Set the jack at its end, and pack or lower the track for the rest.") if code == "adjust.range"

        check(code, :stop, "Jacked up so far, the panel meets what is above it.", "Trim the top, or let the top be uneven: even side.")
      end

      def bow
        return unless @hung.kind == :slider && @answer.codes.include?("adjust.bow")

        check("adjust.bow", :watch, "#{len(@answer.bow.abs)} of bow stays whatever is turned: the jamb is bowed or the panel warped.",
          "Hold a straightedge to the panel's edge, or swap it for its neighbour: if the bow goes with the panel it is the panel. Plane, pack or accept.")
      end

      def slip
        @learnt.slips? && check("adjust.slip", :watch, "The last move changed next to nothing.", "The screw slips, or the hanger does not carry: look before turning further.")
      end
    end
  end
end
