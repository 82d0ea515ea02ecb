# frozen_string_literal: true

module YellowTrack
  class Bypass
    class Widths
      # Panels that lap: the left-over of rounding goes to the lap.
      class Lapped < Widths
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

        # Packing in all that brings a run too wide for its panels to the
        # least lap; half at each jamb.
        def packing_needed = run - (counts[:panels] * width + counts[:meets] * meet - counts[:laps] * least)

        private

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
