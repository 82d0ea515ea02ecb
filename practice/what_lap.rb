# frozen_string_literal: true

module YellowTrack
  module Practice
    # Panels as they come, in this opening: what they lap, and what packs the opening to the
    # kit's own lap (handbook 4, 15).
    # Three panels of 736 in a run of 2182: 2208 − 2182 is 26, over two laps 13 each. The kit takes 22 at least, so
    # the jambs are packed, by 42 in all to come to its own lap of 34.
    class WhatLap < Drill
      KEY, NAME = "what-lap", "What is the lap"
      LEARN = "All panels together less the run is what laps; shared over the laps. Packing is worked out from the " \
        "lap that is wanted, not from the one that was found."

      VERDICTS = {"fits" => "they go in as they are", "pack" => "they lap too little: the jambs are packed",
                  "wide" => "they lap too much: narrower panels are taken"}.freeze
      LAPS = {"fits" => 26..60, "pack" => 4..18, "wide" => 76..100}.freeze # mm, about
      CLOSE = {"fits" => 23..27, "pack" => 17..21, "wide" => 71..74}.freeze # at the last level

      private

      # Drawn from the verdict backwards: first what is to come of it, then a lap of that kind, then panels that lap
      # so.
      def drawn
        panels = site.pick((level < 3) ? [2] : [2, 3])
        document = site.document((panels * 600)..(panels * 800), 2000..2400)
        tightest = document["survey"]["widths"].values.min
        @verdict = site.pick((level == 1) ? %w[fits pack] : VERDICTS.keys)
        lap = site.told(site.about(((level == 5) ? CLOSE : LAPS).fetch(@verdict)))
        bumper = site.bumper
        run = tightest - 2 * (bumper["bumper"] || 0)
        ready = site.told((((run + (panels - 1) * lap) / panels) * ((level == 4) ? 16 : 1)).floor)
        document.merge("set" => sliding(panels, width: ready, **bumper))
      end

      def asked(set) = "What do the #{set["panels"]} panels lap, as they come; do they go in?"

      # The packing is asked only of panels that lap too little: of others there is none.
      def parts(plan)
        @width = plan.working["run"].values[:width]
        lap = part(plan, "laps.lap", "lap", slips: method(:laps))
        packed = (judged(lap.answer) == "pack") ? packing(plan, lap) : nil
        [lap, verdict(lap), packed].compact
      end

      # Only where it comes to what was to be asked.
      def draw = super&.then { |made| made if made.parts[1].answer == @verdict }

      def kit(key) = @subject.kit.fetch(key)

      # As the core's checks have it, from the kit's two limits.
      def judged(lap)
        return "pack" if lap < kit("lap.least")

        (lap > kit("lap.most")) ? "wide" : "fits"
      end

      def given(plan)
        {"bumper at each end" => plan.working["run"].values[:bumper], "the kit's lap, least" => kit("lap.least"),
         "the kit's own lap" => kit("lap.design"), "the kit's lap, most" => kit("lap.most")}
      end

      # Only one slip each: who says "pack" of panels that fit looked at the kit's own lap and not at its least.
      def verdict(lap)
        answer = judged(lap.answer)
        said = (answer == "fits") ? "pack" : "fits"
        words = (answer == "fits") ? "between the kit's least and most it does" :
          "the kit's own limits were not looked at"
        Part.new(key: "verdict", label: "the panels", kind: :choice, answer:, options: VERDICTS,
          slips: [Slip.new(words, said)],
          why: "#{@subject.printer.with_unit(lap.answer)} of lap; the kit takes " \
            "#{%w[lap.least lap.most].map { |key| @subject.printer.with_unit(kit(key)) }.join(" to ")}.")
      end

      # What brings the run to what they cover with the kit's own lap.
      def packing(plan, lap)
        part(plan, "packing.design", "packing in all, to the kit's own lap", over: "the panels stand proud of the run",
          slips: ->(entry) {
            [Slip.new("that is from the lap found, not from the one wanted", lap.answer * entry.values.fetch(:laps)),
              slip("that is half of it: one jamb's", entry, formula: "(#{entry.formula}) ÷ 2")]
          })
      end

      # To forget the sharing shows only where there are two laps to share it over.
      def laps(entry)
        laps = entry.values.fetch(:laps)
        [(slip("what is left over was not shared over the laps", entry, laps: 1) if laps > 1),
          slip("the bumpers were forgotten", entry, run: @width),
          slip("that is half of it", entry, laps: laps * 2)]
      end
    end
  end
end
