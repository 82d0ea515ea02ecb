# frozen_string_literal: true

module YellowTrack
  module Desk
    class Tally
      # What is sawn off a slab, or lipped onto it.
      module SlabRows
        # What comes off a slab; nil without one.
        def slab
          alter = @set.slab
          return unless alter.slab?
          return off_width(alter) if alter.fixed?

          [row("Cut off slab", [cut(alter.width), :"wide,", cut(alter.height)], "off the foot",
            keys: %w[alter.width alter.height alter.lipping],
            line: [sum("alter.width"), sum("alter.height")],
            codes: %w[alter.block alter.stile alter.narrow alter.none]),
            (lipping if alter.lipping.positive?)]
        end

        private

        def off_width(alter)
          row("Cut off slab", [cut(alter.width)], "wide; its height stays", keys: %w[alter.width],
            codes: %w[alter.stile alter.narrow alter.none])
        end

        def lipping
          row("Lipping", [cut(@set.slab.lipping)], "on the foot", keys: %w[alter.lipping], codes: %w[alter.lipping])
        end
      end
    end
  end
end
