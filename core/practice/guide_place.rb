# frozen_string_literal: true

module YellowTrack
  module Practice
    # Where the floor guide goes between two panels that pass (handbook 4): on the drawing,
    # from the left jamb.
    class GuidePlace < Drill
      KEY, NAME = "guide-place", "Where does the guide go"
      LEARN = "In the middle of the lap, with both panels closed: there it holds both, however they are slid."

      private

      def drawn
        site.document(1100..1700, 2000..2400).merge("set" => sliding(lap: site.told(site.about(28..60))))
      end

      def asked(_set) = "How far from the left jamb does the guide of the two panels go?"

      def given(plan)
        values = plan.working["laps.AB.guide_at"].values
        {"panel B begins at" => values[:left_edge], "they lap" => values[:lap]}
      end

      def parts(plan)
        @width = plan.working["panels.width"].value
        [part(plan, "laps.AB.guide_at", "from the left jamb", slips: method(:places), kind: :place,
          over: "panel A runs off the guide when it is slid", under: "panel B runs off the guide when it is slid")]
      end

      def places(entry)
        lap = entry.values.fetch(:lap)
        [slip("that is where the lap begins", entry, lap: 0), slip("that is where the lap ends", entry, lap: lap * 2),
          Slip.new("that is the middle of the opening with a panel open", @width / 2)]
      end
    end
  end
end
