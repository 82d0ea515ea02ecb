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
            check(code, :stop, "One #{carrier} alone runs to its end, #{over} short.",
              cure: "Pack the jamb by what is left over#{left_over}, or move the other #{carrier} too.")
          when "adjust.floor"
            check(code, :stop, "One #{carrier} alone brings a lower corner too near the floor, by #{over}.",
              cure: "Trim #{over} off the foot, or pack the jamb by what is left over#{left_over}.")
          when "adjust.head"
            check(code, :stop, "One #{carrier} alone brings an upper corner too near what is above, by #{over}.",
              cure: "Pack the track lower by #{over}, or pack the jamb by what is left over#{left_over}.")
          end
        end

        def carrier = Adjust.carrier(@answer.kit)

        # What stays of the taper when all that can be turned is turned.
        def left_over
          after = @answer.advice ? @answer.expected : @answer.gaps_after(0r, 0r)
          ", #{len((after["top"] - after["bottom"]).abs)}"
        end

        def others = [off, rear, bow, slip]

        def off
          return unless @answer.codes.include?("adjust.off")

          check("adjust.off", :stop, "This is too far to be an adjuster's.",
            cure: "A roller is off its track, a #{carrier} is undone, or the track has come down: look before turning.")
        end

        def rear
          return unless @answer.rear?

          check("adjust.rear", :watch, "The rear #{carrier} is in the wall.",
            cure: "The stop comes off and the panel is pulled past it; somebody holds it.")
        end

        def bow
          return unless @answer.codes.include?("adjust.bow")

          check("adjust.bow", :watch, "#{len(@answer.bow.abs)} of bow stays whatever is turned: the jamb is bowed or " \
            "the panel warped.",
            cure: "Hold a straightedge to the panel's edge, or swap it for its neighbour: if the bow goes with the " \
            "panel it is the panel. Plane, pack or accept.")
        end

        def slip
          return unless @learnt.slips?

          check("adjust.slip", :watch, "The last move changed next to nothing.",
            cure: "The screw slips, or the #{carrier} does not carry: look before turning further.")
        end
      end
    end
  end
end
