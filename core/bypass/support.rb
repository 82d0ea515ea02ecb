# frozen_string_literal: true

module YellowTrack
  class Bypass
    # How the panels of a set are carried. Each support answers: the run, the
    # height, the gap below, the track, and its own parts of the plan.
    class Support
      # @return [Rational] panel height Hp, mm
      attr_reader :height
      # @return [Rational] floor gap over the finished floor's high point, mm
      attr_reader :gap
      # @return [FloorGap]
      attr_reader :floor_gap

      # @param set [Bypass]
      def initialize(set)
        @set = set
        @brief = set.brief
      end

      # Whether the panels hang on the wall and cover the opening.
      def covers? = false

      # Whether a guide on the floor steadies the panels.
      def guided? = true

      # Where each floor guide stands, from the left jamb's foot.
      def guide_places = set.laps.filter_map(&:guide_at)

      # @raise [Fault] for a pattern that this support cannot hang
      def refuse_pattern = set.pattern.refuse_without_lap

      # Where the run starts and how long it is.
      #
      # @return [Array(Rational, Rational)]
      def run
        bumper = set.bumper
        [set.sizing.start + bumper,
          work.sum("run", "Run, R", "width − 2 × bumper", width: set.sizing.width, bumper:,
            why: "What the panels cover, between the bumpers.")]
      end

      # Left edges that a panel can have on bare wall; nil where its lane
      # holds it.
      def slides_clear(_panel_place, _left) = nil

      private

      attr_reader :set, :brief

      def work = brief.work

      def depth_parts
        {depth: {needed: set.depth_needed, available: brief.survey["depth"], air: set.air}}
      end

      # Every place of a roller with the panels closed, stacked left and
      # stacked right, from the track's left end.
      def resting_rollers(track_start)
        lefts = set.panels.flat_map { |panel| [panel.x, *panel.travel] }
        lefts.flat_map { |left| [left + set.inset, left + set.width - set.inset] }.map { |x| x - track_start }.uniq
      end
    end
  end
end
