# frozen_string_literal: true

module YellowTrack
  class Bypass
    # The opening that ready panels want inside it (handbook 15, "Doors first").
    class Wanted < YellowTrack::Wanted
      private

      # Lapping: least with the most lap, most with the least.
      def widths
        lapping("panels × panel − laps × lap + meets × meet gap + 2 × bumper + left packing + right packing",
          bumper: opening["bumper"] || 0r, **sides_packed)
      end

      def lapping(formula, **values)
        pattern = Pattern.of(opening)
        counts = {panels: pattern.panels, laps: pattern.laps, meets: pattern.meets}
        laps = {least: kit.fetch("lap.most"), design: figure("lap", "lap.design"), most: kit.fetch("lap.least")}
        [formula, laps.transform_values { |lap| {panel:, lap:, meet_gap: kit["meet_gap"] || 0r, **counts, **values} }]
      end

      # Hung from a track at the head.
      class TopHung < Wanted
        private

        def above = kit.fetch("drop")
      end

      # Standing on a rail, in a channel at the head.
      class BottomRolling < Wanted
        private

        def heights
          reach = {least: kit.fetch("rail.channel") - kit.fetch("rail.lip"),
                   design: kit.fetch("rail.engagement.design"),
                   most: kit.fetch("rail.engagement.least") + kit.fetch("adjust.down")}
          values = {panel: opening["height"], channel: kit.fetch("rail.channel"), wheels: kit.fetch("rail.height"),
                    strip: opening["base_strip"] || 0r, head_packing: packing("head"), covering: laid_up_to}
          ["panel + channel + wheels − reach + strip − covering + head packing",
            reach.transform_values { |reach| {reach:, **values} }]
        end

        # A covering to come that is laid up to the strip stands beside it.
        def laid_up_to = opening.survey.covering_under? ? 0r : opening.survey.covering
      end

      # Hung before the wall.
      class WallHung < Wanted
        private

        def side_cover = figure("cover.side", "cover.side")

        def widths
          pattern = Pattern.of(opening)
          if pattern.laps.positive?
            return lapping("panels × panel − laps × lap + meets × meet gap − 2 × cover", cover: side_cover)
          end

          values = {panel:, panels: pattern.panels, meets: pattern.meets, meet_gap: kit["meet_gap"] || 0r,
                    cover: side_cover}
          ["panels × panel + meets × meet gap − 2 × cover", RANGE.to_h { |name| [name, values] }]
        end

        def heights
          cover = figure("cover.head", "cover.head")
          covers = {least: cover, design: cover, most: [cover, Build::COVER_LEAST].min}
          values = {panel: opening["height"], gap: figure("gap", "gap.design"), head_packing: packing("head")}
          ["panel + gap − cover + head packing", covers.transform_values { |cover| {cover:, **values} }]
        end
      end
    end
  end
end
