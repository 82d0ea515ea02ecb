# frozen_string_literal: true

module YellowTrack
  class Bypass
    # Wheels on a floor rail carry; a channel at the head steadies
    # (handbook 4).
    class BottomRolling < Support
      # @return [Rational] how far a panel reaches into the channel, mm
      attr_reader :engagement
      # @return [Rational] room left when a panel is lifted in, mm
      attr_reader :lift_room

      def guided? = false

      # Works out Hp, the engagement e' and the lift room, mm.
      def measure
        @height = work.sum("panels.height", "Panel height, Hp",
          "down(level height − base strip − channel + engagement − wheels, grain)", **carried,
          engagement: brief.from_kit("rail.engagement.design", "Engagement, e"), grain: brief.grain,
          why: "Rounded down to the grain; the left-over comes off the engagement.")
        @gap = work.sum("gap", "Under the panels", "base strip + wheels", base_strip:, wheels: kit("height"),
          why: "A level rail carries them.")
        @floor_gap = FloorGap.new(brief, brief.figures.finished_floor + gap)
        engage
      end

      # Engagement with the panel let right down, mm.
      def engagement_at_worst = engagement - set.kit.fetch("adjust.down")

      # @return [Track] the channel at the head, and the rail on the floor
      def track
        set.between_jambs(floor_rail:) { |start| resting_rollers(start) }
      end

      def parts = {**depth_parts, engagement:, lift_room:}

      private

      def base_strip = brief.opening["base_strip"] || 0r

      def kit(key) = set.kit.fetch("rail.#{key}")

      def carried = {level_height: set.sizing.height, base_strip:, channel: kit("channel"), wheels: kit("height")}

      def engage
        @engagement = work.sum("engagement", "Engagement as it comes out, e'",
          "height + channel + wheels − (level height − base strip)", **carried, height:,
          why: "How far the panel reaches into the channel, wheels at mid-range.")
        @lift_room = work.sum("lift_room", "Lift room", "channel − engagement − lip", channel: kit("channel"), engagement:,
          lip: kit("lip"), why: "What is left when the panel is lifted over the rail's lip, adjusters at mid.")
      end

      def floor_rail
        work.sum("track.floor_rail", "Floor rail",
          "down(width at the floor − left packing − right packing − 2 × end clearance, grain)",
          width_at_the_floor: brief.survey["widths.bottom"], left_packing: set.sizing.packing("left"),
          right_packing: set.sizing.packing("right"), end_clearance: set.kit["track.end_clearance"] || 0r, grain: brief.grain,
          why: "Cut one end only, like the channel above it.")
      end
    end
  end
end
