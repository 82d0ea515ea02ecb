# frozen_string_literal: true

module YellowTrack
  class Bypass
    # Where each panel stands closed, how far it can travel, and the gap under
    # it (handbook 4). Closed panels fill the run exactly: the last right edge
    # lands on its end.
    class Placing
      # @param set [Bypass] with its run, widths, heights and rollers
      # @param stretches [Stretches]
      def initialize(set, stretches)
        @set = set
        @brief = set.brief
        @stretches = stretches
      end

      # @return [Array<Panel>] from the left
      def panels
        travels = @stretches.travels
        closed.each_with_index.map do |left, place|
          panel(place, left, @set.support.cleared(place, left, @set.width, sizing: @set.sizing) || travels[place])
        end
      end

      private

      # Left edges, each from the one before it.
      def closed
        @set.pattern.joins.each_with_index.with_object([first]) do |(join, place), lefts|
          lefts << ((join == :lap) ? after_lap(place + 1, lefts.last) : after_meet(place + 1, lefts.last))
        end
      end

      # One panel that closes leftward has its full cover at the right.
      def first
        return single if @set.pattern.panels == 1 && @set.opens == "right"

        @brief.work.given("panels.A.x", "Left edge of A", @set.run.start, from: :survey, why: "Where the run starts.")
      end

      def single
        @brief.work.sum("panels.A.x", "Left edge of A", "run end − width", run_end: @set.run.finish, width: @set.width,
          why: "Its edge on the side it opens to stands at the full cover.")
      end

      def after_lap(place, left)
        edge(place, "before + width − lap", before: left, width: @set.width, lap: @set.lap,
          why: "The right edge of the panel before it, less the lap.")
      end

      def after_meet(place, left)
        edge(place, "before + width + meet gap", before: left, width: @set.width, meet_gap: @set.meet_gap,
          why: "The right edge of the panel before it, and the meet gap.")
      end

      def edge(place, formula, **rest)
        @brief.work.sum("panels.#{Family::NAMES[place]}.x", "Left edge of #{Family::NAMES[place]}", formula, **rest)
      end

      def panel(place, left, travel)
        name = Family::NAMES[place]
        Panel.new(name:, lane: @set.pattern.lanes[place], x: left, width: @set.width, height: @set.height,
          thickness: @set.thickness, weight: @set.weight, hands: @set.hands, rollers: @set.rollers.places, travel:,
          gap: gap("panels.#{name}.gap", "Gap under #{name} closed", [left, left]),
          travel_gap: gap("panels.#{name}.travel_gap", "Gap under #{name} over its travel", travel)).freeze
      end

      def gap(key, title, (from, to)) = @set.floor_gap.between(key, title, from, to: to + @set.width)
    end
  end
end
