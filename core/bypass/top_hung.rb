# frozen_string_literal: true

module YellowTrack
  class Bypass
    # Rollers in a track at the head carry the weight; a guide at the floor
    # steadies (handbook 4).
    class TopHung
      attr_reader :height, :gap, :floor_gap

      # @param set [Bypass]
      def initialize(set)
        @set = set
        @brief = set.brief
      end

      # Works out the panels' height Hp and the floor gap as rounded f', mm.
      def measure
        level = @set.sizing.height
        drop = @brief.from_kit("drop", "Drop")
        wanted = @brief.take("gap", "gap.design", "Floor gap, f")
        @height = @brief.work.sum("panels.height", "Panel height, Hp", "down(level height − drop − gap, grain)",
          level_height: level, drop:, gap: wanted, grain: @brief.grain,
          why: "Rounded down to the grain; the left-over joins the floor gap.")
        @gap = @brief.work.sum("gap", "Floor gap as it comes out, f'", "level height − drop − height", level_height: level,
          drop:, height:, why: "Over the finished floor's high point.")
        @floor_gap = FloorGap.new(@brief, @brief.figures.finished_floor + gap)
      end

      # @return [Track] at the head, level with its low point
      def track
        length = track_length
        Track.new(@set.kit, length:, pieces: pieces(length), mount_height:, packing:)
      end

      # Where the track's left end stands along the floor, mm.
      def track_start = @set.sizing.start + end_clearance

      private

      def end_clearance = @set.kit["track.end_clearance"] || 0r

      def track_length
        @brief.work.sum("track.length", "Track", "down(width at the head − left packing − right packing − 2 × end clearance, grain)",
          width_at_the_head: @brief.survey["widths.top"], left_packing: @set.sizing.packing("left"),
          right_packing: @set.sizing.packing("right"), end_clearance:, grain: @brief.grain,
          why: "Cut one end only: the other keeps its factory holes.")
      end

      def mount_height
        @brief.work.given("track.mount_height", "Track's mounting height", @brief.figures.head_low, from: :survey,
          why: "The head's low point above the datum: pack down to it wherever the head is higher.")
      end

      def packing
        @brief.work.sum("track.packing", "Most packing over the track", "high head − low head",
          high_head: @brief.figures.head_high, low_head: @brief.figures.head_low, why: "The head's high point less its low point.")
      end

      def pieces(length)
        stock = @set.kit.fetch("track.stock").max
        return [length] if length <= stock

        Track::Joints.new(length, stock:, rollers: resting_rollers, grain: @brief.grain).pieces
      end

      # Every place of a roller with the panels closed, stacked left and
      # stacked right, from the track's left end.
      def resting_rollers
        lefts = @set.panels.flat_map { |panel| [panel.x, *panel.travel] }
        lefts.flat_map { |left| [left + @set.inset, left + @set.width - @set.inset] }.map { |x| x - track_start }.uniq
      end
    end
  end
end
