# frozen_string_literal: true

module YellowTrack
  class Bypass
    # Words of the checks that depend on what the set is, and on what has to be
    # built for panels as they come.
    module Cures
      private

      def covering(cover, where)
        cover.negative? ? "#{at_least(-cover)} #{where} stays open." : "Only #{at_most(cover)} of cover #{where}."
      end

      def more_engagement(set)
        build = set.heights.build
        return "Plan more engagement, or a deeper channel." unless build&.verdict == "build"

        build.strip.positive? ? "Stand the rail #{len(build.strip)} higher on its strip." :
          "Build the head down #{len(build.head)}."
      end

      def more_cover(set, at_jamb)
        built = (set.heights.build&.head if at_jamb >= Checks::COVER_LEAST)
        return "Build the head down #{len(built)}, or take taller panels." if built&.positive?

        "#{len(Checks::COVER_LEAST)} or more of cover, by larger panels or less to cover."
      end

      # Without a lap the guide stands in the middle of the cover.
      def on_cover(set, length)
        free = set.support.side_cover(set.sizing) - Checks::PROUD_FREE
        length >= free && ["The floor guide is #{len(length)} long and the cover leaves it #{at_most([free, 0].max)}.",
          "More cover, or a shorter guide."]
      end
    end
  end
end
