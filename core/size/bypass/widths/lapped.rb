# frozen_string_literal: true

module YellowTrack
  class Bypass
    class Widths
      # Panels that lap: the left-over of rounding goes to the lap.
      class Lapped < Widths
        # The lap that is wanted gives the width, and the width the lap that comes of it.
        def initialize(brief, pattern, run)
          super
          @wanted = brief.take("lap", "lap.design", "Design lap, o")
          @width = ready_made? ? ready_made : own
          @lap = come_out
        end

        # Width that the panels of this run would have, cut to the design lap.
        def own_width
          Length.down((run + counts[:laps] * @wanted - counts[:meets] * meet) / counts[:panels], brief.grain)
        end

        # Packing in all that ready-made panels ask for where they lap too little: with
        # the least lap, the design lap and the most (handbook 15).
        #
        # @return [Hash{Symbol => Rational}, nil]
        def packing_range
          return unless ready_made? && lap < least

          laps = {least:, design: @wanted, most: brief.kit.fetch("lap.most")}
          laps.to_h { |name, wanted| [name, packing_for(name, wanted)] }
        end

        private

        def packing_for(name, wanted)
          brief.work.sum("packing.#{name}", "Packing in all, #{name}",
            "run − (panels × width + meets × meet gap − laps × lap)", run:, width:, meet_gap: meet, lap: wanted,
            **counts, why: "Brings the run to what these panels cover with the #{name} lap.")
        end

        def least = brief.kit.fetch("lap.least")

        # Rounded down, unless that leaves less than the least lap.
        def own
          rounding = (lap_with(own_width) < least) ? "up" : "down"
          brief.work.sum("panels.width", "Panel width, P",
            "#{rounding}((run + laps × lap − meets × meet gap) ÷ panels, grain)",
            run:, lap: @wanted, meet_gap: meet, grain: brief.grain, **counts,
            why: "Rounded #{rounding} to the grain; the left-over goes to the lap.")
        end

        def lap_with(width) = (counts[:panels] * width + counts[:meets] * meet - run) / counts[:laps]

        def come_out
          brief.work.sum("laps.lap", "Lap as it comes out, o'", "(panels × width + meets × meet gap − run) ÷ laps",
            width:, meet_gap: meet, run:, **counts,
            why: "Worked out again from the rounded width, so that the sum closes.")
        end
      end
    end
  end
end
