# frozen_string_literal: true

module YellowTrack
  class Bypass
    # Panel width for a run of track, and the lap or meet as it comes out
    # (handbook 4, "Width"). All in mm.
    #
    # The sum closes on the run: n × P + j × m − k × o' = R, exactly; for one
    # panel what is left comes off the cover.
    class Widths
      class << self
        # @param brief [Brief]
        # @param pattern [Pattern]
        # @param run [Run]
        # @raise [NothingLeft]
        def of(brief, pattern, run) = (pattern.laps.zero? ? Parted : Lapped).new(brief, pattern, run.length)
      end

      # @return [Rational] P
      attr_reader :width
      # @return [Rational, nil] o' as it comes out
      attr_reader :lap
      # @return [Rational] m
      attr_reader :meet

      # @param run [Run] that the panels have to close
      def initialize(brief, pattern, run)
        @brief = brief
        @run = run
        @counts = {panels: pattern.panels, laps: pattern.laps, meets: pattern.meets}
        @meet = (brief.kit["meet_gap"] || pattern.meets.positive?) ? brief.from_kit("meet_gap", "Meet gap, m") : 0r
      end

      # @return [Boolean] whether the panels were bought in a width
      def ready_made? = !brief.opening["width"].nil?

      private

      attr_reader :brief, :run, :counts

      def ready_made
        brief.work.given("panels.width", "Panel width, P", brief.opening["width"], from: :fitter, source: "set.width",
          why: "Ready-made.")
      end
    end
  end
end
