# frozen_string_literal: true

module YellowTrack
  class Bypass
    class Widths
      # One panel, or a pair that parts: no lap. The left-over goes to the
      # meet gap, or comes off the cover at the closing side.
      class Parted < Widths
        # Without a lap the run gives the width, and a meet is what is left over.
        def initialize(brief, pattern, run)
          super
          @width = ready_made? ? ready_made : own
          @meet = come_out if pattern.meets.positive?
        end

        # Panels on the wall need no packing.
        def packing_range = nil

        private

        def own
          brief.work.sum("panels.width", "Panel width, P", "down((run − meets × meet gap) ÷ panels, grain)",
            run:, meet_gap: meet, grain: brief.grain, panels: counts[:panels], meets: counts[:meets],
            why: "Rounded down to the grain; the left-over joins the meet, or comes off the cover where it closes.")
        end

        def come_out
          brief.work.sum("meets.gap", "Meet gap as it comes out", "(run − panels × width) ÷ meets", run:, width:,
            panels: counts[:panels], meets: counts[:meets], why: "What the panels leave.")
        end
      end
    end
  end
end
