# frozen_string_literal: true

module YellowTrack
  module Adjust
    class Checks
      # Of a panel that slides.
      class Sliding < Checks
        private

        def stop(code)
          over = len(@answer.lacking[code] || 0r)
          case code
          when "adjust.range"
            check(code, :stop, "One hanger alone runs to its end, #{over} short.",
              "Pack the jamb by what is left over#{left_over}, or move the other hanger too.")
          when "adjust.floor"
            check(code, :stop, "One hanger alone brings a lower corner too near the floor, by #{over}.",
              "Trim #{over} off the foot, or pack the jamb by what is left over#{left_over}.")
          when "adjust.head"
            check(code, :stop, "One hanger alone brings an upper corner too near what is above, by #{over}.",
              "Pack the track lower by #{over}, or pack the jamb by what is left over#{left_over}.")
          end
        end

        # What stays of the taper when all that can be turned is turned.
        def left_over
          after = @answer.advice ? @answer.expected : @answer.gaps_after(0r, 0r)
          ", #{len((after["top"] - after["bottom"]).abs)}"
        end

        def others = [bow, slip]

        def bow
          return unless @answer.codes.include?("adjust.bow")

          check("adjust.bow", :watch, "#{len(@answer.bow.abs)} of bow stays whatever is turned: the jamb is bowed or " \
            "the panel warped.",
            "Hold a straightedge to the panel's edge, or swap it for its neighbour: if the bow goes with the panel " \
              "it is the panel. Plane, pack or accept.")
        end

        def slip
          return unless @learnt.slips?

          check("adjust.slip", :watch, "The last move changed next to nothing.",
            "The screw slips, or the hanger does not carry: look before turning further.")
        end
      end
    end
  end
end
