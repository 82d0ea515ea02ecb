# frozen_string_literal: true

module YellowTrack
  class Bypass
    # Panel width, and the lap as it comes out, for a run of track
    # (handbook 4, "Width"). All in mm.
    #
    # The sum closes on the run: n × P + j × m − k × o' = R, exactly.
    class Widths
      attr_reader :run, :pattern, :width, :lap, :meet

      # @param brief [Brief]
      # @param pattern [Pattern] with a lap at least
      # @param run [Rational] between the bumpers
      def initialize(brief, pattern, run)
        @brief = brief
        @pattern = pattern
        @run = run
        @wanted = brief.take("lap", "lap.design", "Design lap, o")
        @meet = brief.from_kit("meet_gap", "Meet gap, m")
        @width = brief.opening["width"] ? ready_made : own
        @lap = lap_of(width)
      end

      # @return [Boolean] whether the panels were bought in a width
      def ready_made? = !brief.opening["width"].nil?

      # Width that the panels of this run would have, cut to the design lap.
      def own_width = @own_width ||= Length.down(exact, brief.grain)

      # Packing in all that brings a run too wide for its panels to the least
      # lap; half at each jamb.
      def packing_needed = run - (counts[:panels] * width + counts[:meets] * meet - counts[:laps] * least)

      private

      attr_reader :brief

      def counts = {panels: pattern.panels, laps: pattern.laps, meets: pattern.meets}

      def least = brief.kit.fetch("lap.least")

      def exact = (run + counts[:laps] * @wanted - counts[:meets] * meet) / counts[:panels]

      def ready_made
        brief.work.given("panels.width", "Panel width, P", brief.opening["width"], from: :fitter, source: "set.width",
          why: "Ready-made.")
      end

      # Rounded down, unless that leaves less than the least lap.
      def own
        rounding = (lap_with(own_width) < least) ? "up" : "down"
        brief.work.sum("panels.width", "Panel width, P",
          "#{rounding}((run + laps × lap − meets × meet gap) ÷ panels, grain)",
          run:, lap: @wanted, meet_gap: meet, grain: brief.grain, **counts,
          why: "Rounded #{rounding} to the grain; the left-over goes to the lap.")
      end

      def lap_with(width) = (counts[:panels] * width + counts[:meets] * meet - run) / counts[:laps]

      def lap_of(width)
        brief.work.sum("laps.lap", "Lap as it comes out, o'", "(panels × width + meets × meet gap − run) ÷ laps",
          width:, meet_gap: meet, run:, **counts, why: "Worked out again from the rounded width, so that the sum closes.")
      end
    end
  end
end
