# frozen_string_literal: true

module YellowTrack
  class Bypass
    # Rollers in a track at the head carry the weight; a guide at the floor
    # steadies (handbook 4).
    class TopHung < Support
      # Works out the panels' height Hp and the floor gap as rounded f', mm.
      def measure
        @height, @gap = set.hang_under(brief.from_kit("drop", "Drop"))
        @floor_gap = FloorGap.new(brief, brief.figures.finished_floor + gap)
      end

      # @return [Track] at the head, level with its low point
      def track = set.between_jambs { |start| resting_rollers(start) }

      def parts = {**depth_parts, engagement: nil, lift_room: nil}
    end
  end
end
