# frozen_string_literal: true

module YellowTrack
  class Bypass
    # The runs of track that panels keep to: one, or the halves of a bi-parting
    # set, which end at the middle of the meet with all panels closed, lopsided
    # patterns too (handbook 4, "Floor gap along the travel").
    class Stretches
      # @return [Array<Reach::Stretch>] from left to right
      attr_reader :all

      # @param brief [Brief]
      # @param pattern [Pattern]
      # @param run [Run]
      # @param widths [Widths]
      def initialize(brief, pattern, run, widths:)
        @work, @pattern, @run, @widths = brief.work, pattern, run, widths
        ends = [run.start, *(middle if pattern.bi_parting?), run.finish]
        @all = ends.each_cons(2).zip(pattern.stretches).map do |(from, to), places|
          Reach::Stretch.new(from, to, pattern.counts(places).values.max)
        end
        freeze
      end

      # Left edges that each panel can go to, its neighbours of the lane pushed
      # away.
      #
      # @return [Array<Array(Rational, Rational)>] from the left
      def travels = @pattern.stretches.zip(all).flat_map { |places, stretch| travels_in(places, stretch) }

      private

      def middle
        half = @pattern.joins.first(@pattern.panels / 2 - 1)
        @work.sum("run.middle", "Middle of the meet",
          "start + panels × width − laps × lap + meets × meet gap + meet gap ÷ 2",
          start: @run.start, panels: @pattern.panels / 2, width: @widths.width, laps: half.count(:lap),
          lap: @widths.lap || 0r,
          meets: half.count(:meet), meet_gap: @widths.meet, why: "Where the halves end: each keeps its own panels.")
      end

      def travels_in(places, stretch)
        lanes = @pattern.lanes[places]
        lanes.each_with_index.map do |lane, place|
          before, after = lanes[...place].count(lane), lanes[place + 1..].count(lane)
          [stretch.from + before * @widths.width, stretch.to - (after + 1) * @widths.width]
        end
      end
    end
  end
end
