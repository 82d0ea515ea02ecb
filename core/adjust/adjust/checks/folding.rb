# frozen_string_literal: true

module YellowTrack
  module Adjust
    class Checks
      # Of a pair that folds.
      class Folding < Checks
        private

        def stop(code)
          case code
          when "adjust.slide" then check(code, :stop, falls_short,
            cure: "Pack or plane the jamb by that, or trim the top.")
          when "adjust.range"
            check(code, :stop, "The jack has no way left for #{len(@answer.jack.abs)}.",
              cure: "Set the jack at its end, and pack or lower the track for the rest.")
          when "adjust.head"
            check(code, :stop, "Jacked up so far, the panel meets what is above it.",
              cure: "Trim the top, or let the top be uneven: even side.")
          end
        end

        # Each slide that comes to its end, and by how much it falls short.
        def falls_short
          short = @answer.short.select { |_, mm| mm.positive? }.map do |side, mm|
            "the #{side} pivot's slide ends #{len(mm)} short"
          end
          "#{short.join(" and ").then { |words| words[0].upcase + words[1..] }} of what would even the gaps. The " \
            "jack is set for where it really comes to."
        end
      end
    end
  end
end
