# frozen_string_literal: true

module YellowTrack
  class Bypass
    # Wheels on a floor rail carry; a channel at the head steadies
    # (handbook 4).
    class BottomRolling < Support
      GAP_LEAST = 3r # mm seen under a panel: a thick covering laid up to the rail would scrape

      # Heights of panels that stand on a rail and reach into a channel; mm.
      class Standing < Heights
        # @return [Rational] how far a panel reaches into the channel
        attr_reader :engagement
        # @return [Rational] room left when a panel is lifted in
        attr_reader :lift_room

        # Hp, the engagement e' and the lift room.
        #
        # @param brief [Brief]
        # @param sizing [Sizing]
        # @raise [NothingLeft]
        def initialize(brief, sizing)
          @brief = brief
          @carried = {level_height: sizing.height, base_strip: brief.opening["base_strip"] || 0r,
                      channel: kit("channel"), wheels: kit("height")}
          super(brief, sizing, height: brief.given_height || panel_height, gap: under_panels)
          @engagement = come_out
          @build = Build.on_rail(brief, engagement)
          @lift_room = brief.work.sum("lift_room", "Lift room", "channel − engagement − lip", channel: kit("channel"),
            engagement:,
            lip: kit("lip"), why: "What is left when the panel is lifted over the rail's lip, adjusters at mid.")
        end

        # Engagement with the panel let right down.
        def engagement_at_worst = engagement - @brief.kit.fetch("adjust.down")

        private

        def kit(key) = @brief.kit.fetch("rail.#{key}")

        def panel_height
          @brief.work.sum("panels.height", "Panel height, Hp",
            "down(most(level height − base strip − channel + engagement − wheels, 0), grain)", **@carried,
            engagement: @brief.from_kit("rail.engagement.design", "Engagement, e"), grain: @brief.grain,
            why: "Rounded down to the grain; the left-over comes off the engagement.")
        end

        def under_panels
          up_to = @brief.figures.covering - @brief.figures.standing
          return under_laid(up_to) if up_to.positive?

          @brief.work.sum("gap", "Under the panels", "base strip + wheels", **@carried.slice(:base_strip, :wheels),
            why: "A level rail carries them.")
        end

        # A covering that is laid up to the rail takes its thickness from the gap.
        def under_laid(covering)
          @brief.work.sum("gap", "Under the panels", "base strip + wheels − covering", covering:,
            **@carried.slice(:base_strip, :wheels), why: "A level rail carries them; the covering is laid up to it.")
        end

        def come_out
          @brief.work.sum("engagement", "Engagement as it comes out, e'",
            "height + channel + wheels − (level height − base strip)",
            **@carried, height:, why: "How far the panel reaches into the channel, wheels at mid-range.")
        end
      end

      # Whether the floor guides it: the head's channel does.
      def guided? = false

      # @return [String] where its weight goes
      def carried_by = "bottom"

      # @return [Rational] mm that the panel's top reaches into the channel
      def engagement_of(heights) = heights.engagement

      # @return [Rational] mm under a panel: a wheel needs more than the kit may say
      def gap_least = [super, GAP_LEAST].compact.max

      # @return [Standing]
      def heights(sizing) = Standing.new(brief, sizing)

      # @return [Track] the channel at the head, and the rail on the floor
      def track(set)
        maker = Track::Maker.new(brief, set.sizing)
        at_head(set, maker, floor_rail: maker.floor_rail)
      end

      # @return [Hash] what the plan's file says of this support alone
      def parts(set) = {**super, engagement: set.heights.engagement, lift_room: set.heights.lift_room}
    end
  end
end
