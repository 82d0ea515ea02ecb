# frozen_string_literal: true

module YellowTrack
  class Bypass
    # How the panels of a set are carried. Each support answers: the run, the
    # heights, the track, where guides stand, and its own parts of the plan. It
    # holds nothing of a set: what it needs is handed to it as it comes out.
    class Support
      # @param brief [Brief]
      # @param pattern [Pattern]
      # @raise [Fault] for a pattern that it cannot hang
      def initialize(brief, pattern)
        @brief, @pattern = brief, pattern
        refuse_pattern
        freeze
      end

      # Whether the panels hang on the wall and cover the opening.
      def covers? = false

      # Whether a guide on the floor steadies the panels.
      def guided? = true

      # What the set is sized to.
      #
      # @param usual [String] the family's own fit
      # @return [Sizing]
      # @raise [NothingLeft]
      def sizing(usual) = Sizing.new(brief, usual:)

      # The edge that carries a panel.
      def carried_by = "top"

      # Bumper at each jamb, b, mm.
      def bumper = brief.opening["bumper"] || 0r

      # Which side a wall-hung panel slides clear to.
      def opens = brief.opening["opens"] || "right"

      # How far a panel reaches into a channel, mm; nil without one.
      def engagement_of(_heights) = nil

      # The least gap under a panel along its travel, mm; nil for none.
      def gap_least = brief.kit["gap.least"]

      # Where each floor guide stands, from the left jamb's foot.
      #
      # @param laps [Array<Lap>]
      def guide_places(laps, _sizing) = laps.filter_map(&:guide_at)

      # What the panels cover, between the bumpers.
      #
      # @param sizing [Sizing]
      # @return [Run]
      # @raise [NothingLeft]
      def run(sizing)
        length = work.sum("run", "Run, R", "most(width − 2 × bumper, 0)", width: sizing.width, bumper:,
          why: "What the panels cover, between the bumpers.")
        brief.leave(sizing, "run")
        Run.new(sizing.start + bumper, length)
      end

      # Left edges that a panel can have on bare wall; nil where its lane
      # holds it.
      def cleared(*, **) = nil

      # Free wall that each side needs beside the opening, mm.
      def parking(_width) = {}

      # The plan file's own sections of it.
      #
      # @param set [Bypass] placed
      def parts(set)
        {**set.depth.parts, engagement: nil, lift_room: nil}
      end

      # @param set [Bypass] whose panels are placed
      # @return [Track] at the head, level with its low point
      # @raise [NothingLeft]
      def track(set) = at_head(set, Track::Maker.new(brief, set.sizing))

      private

      attr_reader :brief, :pattern

      def work = brief.work

      def refuse_pattern = pattern.refuse_without_lap

      def at_head(set, maker, **rest)
        maker.between_jambs(**rest) { |start, length| maker.pieces(length, resting(set, start)) }
      end

      # Every place of a roller with the panels closed, stacked left and
      # stacked right, from the track's left end.
      def resting(set, track_start)
        set.rollers.resting(set.panels.flat_map { |panel| [panel.x, *panel.travel] }).map { |x| x - track_start }.uniq
      end
    end
  end
end
