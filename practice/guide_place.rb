# frozen_string_literal: true

module YellowTrack
  module Practice
    # Where the floor guide goes between two panels that pass (handbook 4): on the drawing,
    # from the left jamb.
    # Panel B begins at 568 and laps panel A by 29: the guide goes to 568 + 29 ÷ 2 = 582.5. At 568 or 597 one of the
    # panels runs off it.
    class GuidePlace < Drill
      KEY, NAME = "guide-place", "Where does the guide go"
      LEARN = "A guide goes in the middle of the lap, with both panels closed, and holds every lane that passes it. " \
        "A pivot goes its side gap and its inset from the jamb."
      LANES = {"both" => "both lanes", "front" => "the front lane alone", "rear" => "the rear lane alone"}.freeze
      # Narrow laps make a guide's place exact: at the last level a few millimetres are all that there is.
      LAPS = {1 => 50..70, 2 => 28..60, 3 => 28..60, 4 => 28..60, 5 => 22..28}.freeze # mm

      private

      def drawn
        @pivot = level.between?(2, 4) && site.pick([true, false])
        return pivoting if @pivot

        site.document(1100..1700, 2000..2400).merge("set" => sliding(lap: site.told(site.about(LAPS.fetch(level)))))
      end

      # A pair that folds, its pivot to be placed.
      def pivoting
        folding(site.document(700..1100, 2000..2300), inset: site.about(20..38))
      end

      # The same drill asks for a guide and for a pivot: both are a place on the drawing, found from the left jamb.
      def asked(_set)
        @pivot ? "How far from the left jamb does the pivot of the pair go?" :
          "How far from the left jamb does the guide of the two panels go, and what does it hold?"
      end

      def given(plan)
        if @pivot
          return {"side gap" => plan.working["pivots.side_gap"].value,
                  "pivot, from its edge" => plan.working["set.inset"].value, "pivots at" => "the left jamb"}
        end

        values = plan.working["laps.AB.guide_at"].values
        {"panel B begins at" => values[:left_edge], "they lap" => values[:lap]}
      end

      # Beside the place it is asked what the guide holds, for one that holds a single lane lets the other panel
      # swing.
      def parts(plan)
        return [pivot(plan)] if @pivot

        @width = plan.working["panels.width"].value
        [part(plan, "laps.AB.guide_at", "from the left jamb", slips: method(:places), kind: :place,
          over: "panel A runs off the guide when it is slid", under: "panel B runs off the guide when it is slid"),
          lanes]
      end

      def lanes
        Part.new(key: "lanes", label: "it holds", kind: :choice, answer: "both", options: LANES,
          slips: %w[front rear].map { |lane| Slip.new("that is one lane only: the other panel swings", lane) },
          why: "A guide at a lap is made to hold every lane that passes it.")
      end

      def pivot(plan)
        part(plan, "pivots.at.left", "from the left jamb", kind: :place,
          over: "the pair stands off its jamb, and meets the strike before it is closed",
          under: "the corner binds on the jamb as the pair folds",
          slips: ->(entry) {
            gap = entry.values.fetch(:side_gap)
            [slip("the side gap was forgotten", entry, side_gap: 0), slip("the inset was forgotten", entry, inset: 0),
              slip("the side gap was taken twice", entry, side_gap: 2 * gap)]
          })
      end

      # A guide is never nearer to an edge of its lap than half of the least one.
      def close?(_question) = true

      # Either end of the lap, and the middle of the opening as it is met with one panel slid open.
      def places(entry)
        lap = entry.values.fetch(:lap)
        [slip("that is where the lap begins", entry, lap: 0), slip("that is where the lap ends", entry, lap: lap * 2),
          Slip.new("that is the middle of the opening with a panel open", @width / 2)]
      end
    end
  end
end
