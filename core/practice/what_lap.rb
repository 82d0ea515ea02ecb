# frozen_string_literal: true

module YellowTrack
  module Practice
    # Panels as they come, in this opening: what they lap, and what packs the opening to the
    # kit's own lap (handbook 4, 15).
    class WhatLap < Drill
      KEY, NAME = "what-lap", "What is the lap"
      LEARN = "All panels together less the run is what laps; shared over the laps. Packing is worked out from the " \
        "lap that is wanted, not from the one that was found."

      private

      def drawn
        panels = site.pick((level < 3) ? [2] : [2, 3])
        document = site.document((panels * 600)..(panels * 800), 2000..2400)
        tightest = document["survey"]["widths"].values.min
        lap = site.told(site.about(26..60))
        ready = site.told((((tightest + (panels - 1) * lap) / panels) * ((level == 4) ? 16 : 1)).floor)
        document.merge("set" => sliding(panels, width: ready))
      end

      def asked(set) = "What do the #{set["panels"]} panels lap, as they come?"

      def parts(plan)
        @width = plan.working["run"].values[:width]
        [part(plan, "laps.lap", "lap", slips: method(:laps))]
      end

      def given(plan) = {"bumper at each end" => plan.working["run"].values[:bumper]}

      def laps(entry)
        laps = entry.values.fetch(:laps)
        [(slip("what is left over was not shared over the laps", entry, laps: 1) if laps > 1),
          slip("the bumpers were forgotten", entry, run: @width),
          slip("that is half of it", entry, laps: laps * 2)]
      end
    end
  end
end
