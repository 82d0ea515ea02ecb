# frozen_string_literal: true

module YellowTrack
  module Desk
    class Tally
      # Pocket sets.
      class Pocketed < Tally
        CHOICES = {
          panels: [nil, ["Change kit and panels", PANEL_CHOICES + %w[set.leaves set.opens]]],
          slab: SLAB_CHOICES,
          gap: ["set.gap", nil], rollers: ["set.inset", nil], stay: ["set.nib", nil],
          frame: [nil, ["Lining, service side, packing",
            %w[set.lining set.service_side set.packing.left set.packing.right set.packing.head]]],
          pulls: [nil, ["Soft close", SOFT_CLOSE]]
        }.freeze

        GROUPS = {cut: %i[panels slab frame track wanted], mark: %i[stand wall rollers pulls], gaps: %i[stay gap],
                  opens: %i[opens]}.freeze

        # The rough opening for its frame.
        def frame
          [row("Rough opening", [derived(value("pocket.rough_width")), :×, derived(value("pocket.rough_height"))],
            "between studs, to the header",
            keys: %w[pocket.rough_width pocket.rough_height pocket.depth],
            codes: %w[pocket.load pocket.beside pocket.service]),
            row("Pocket", [derived(@set.depth)], "deep", keys: %w[pocket.depth], codes: %w[pocket.services])]
        end

        # The wall that it goes into.
        def wall
          row("Wall", [derived(@set.wall)], "thick, screws #{short(@set.longest_screw)} at most",
            keys: %w[pocket.wall pocket.longest_screw],
            codes: %w[pocket.wall pocket.fixing])
        end

        # What stays in the pocket when it is closed.
        def stay
          row("Stays in", [derived(@set.stay)], "of the pocket when closed",
            keys: %w[pocket.stay meets.gap kit.meet_gap kit.stay], codes: %w[pocket.stay pocket.nib])
        end

        # Where the pulls are bored; soft close beside them.
        def pulls = [super, soft_close].flatten.compact

        # The track, and how far in it hangs.
        def track = [*super, hangs].compact

        public :opens
      end
    end
  end
end
