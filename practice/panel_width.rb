# frozen_string_literal: true

module YellowTrack
  module Practice
    # The width of panels that pass each other with a lap (handbook 4).
    # Three panels in a run of 2377 that lap by 41: (2377 + 2 × 41) ÷ 3, cut down to 2, is 818. Without the laps it
    # would be 792, divided too early 874.
    class PanelWidth < Drill
      KEY, NAME = "panel-width", "Panel width"
      LEARN = "Run and laps together, by the panels, rounded down: what the laps hide is cut as well."
      # The panels' sum with its rounding turned about, and with the laps added behind the division.
      UP = "up((run + laps × lap − meets × meet gap) ÷ panels, grain)"
      GRAINS = 2 # that it is cut down to: rounded up is not good then
      EARLY = "down(run ÷ panels + laps × lap − meets × meet gap, grain)"

      private

      # The lap is the fitter's own figure and no kit's, so that it is another in every question.
      def drawn
        panels = site.pick((level < 3) ? [2] : [2, 3, 4])
        site.document((panels * 550)..(panels * 850), 2000..2400)
          .merge("grain" => site.told(GRAINS),
            "set" => sliding(panels, lap: site.told(site.about(25..45)), **site.bumper))
      end

      def asked(set) = "How wide is each of the #{set["panels"]} panels?"

      # The width between the jambs is kept: it is the run of somebody who forgets the bumpers.
      def parts(plan)
        @width = plan.working["run"].values[:width]
        [part(plan, "panels.width", "panel width", slips: method(:widths))]
      end

      def given(plan)
        {"bumper at each end" => plan.working["run"].values[:bumper], "cut down to" => site.grain * GRAINS}
      end

      # Two panels have one lap, and forgetting it, or one too many, is told apart; without a lap nothing can be
      # divided too early.
      def widths(entry)
        laps = entry.values.fetch(:laps)
        [slip("the laps were not added", entry, laps: 0), slip("that is one lap too many", entry, laps: laps + 1),
          (slip("it was divided before the laps were added", entry, formula: EARLY) if laps.positive?),
          slip("it was rounded up", entry, formula: UP), slip("the bumpers were forgotten", entry, run: @width)]
      end
    end
  end
end
