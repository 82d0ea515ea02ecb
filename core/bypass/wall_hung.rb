# frozen_string_literal: true

module YellowTrack
  class Bypass
    # A rail on the wall above the opening carries; the panels cover the
    # opening from outside (handbook 4).
    class WallHung < Support
      CLEAR = 3 # mm between a panel's back and the deepest thing on the wall
      WITHOUT_LAP = [[1], [1, 1]].freeze

      # @return [Rational] the rail's line above the finished floor, mm
      attr_reader :rail_line
      # @return [Rational] x of the rail's left end, mm
      attr_reader :rail_start
      # @return [Rational] packing behind the rail, mm
      attr_reader :standoff
      # @return [Studs]
      attr_reader :studs

      def covers? = true

      def refuse_pattern
        return if set.pattern.laps.positive? || WITHOUT_LAP.include?(set.pattern.lanes)

        raise Fault.new("#{set.pattern.text} has no lap. On the wall only [1] and [1, 1] do without.", key: "set.pattern")
      end

      # Cover beyond each jamb, q, mm.
      def side_cover = brief.opening["cover.side"] || set.kit.fetch("cover.side")

      def run
        cover = brief.take("cover.side", "cover.side", "Cover beyond each jamb, q")
        [-cover, work.sum("run", "Run, R", "width + 2 × cover", width: set.sizing.width, cover:,
          why: "The greatest width, and the cover at both sides.")]
      end

      # Works out Hp, the cover as it comes out, and the rail's line, mm.
      def measure
        @gap = brief.take("gap", "gap.design", "Floor gap, f")
        cover = brief.take("cover.head", "cover.head", "Cover above the opening, v")
        @height = work.sum("panels.height", "Panel height, Hp", "down(greatest head + cover − gap, grain)",
          greatest_head: set.sizing.height, cover:, gap:, grain: brief.grain,
          why: "Rounded down to the grain; the left-over comes off the cover.")
        work.sum("wall.cover", "Cover above as it comes out, v'", "height + gap − greatest head", height:, gap:,
          greatest_head: set.sizing.height, why: "How far the panels stand above the opening.")
        @floor_gap = FloorGap.new(brief, brief.figures.finished_floor + gap)
        hang
      end

      # @return [Track] rounded up: it ends on bare wall
      def track
        stop = set.kit.fetch("stop")
        length = rail_length(stop)
        @rail_start = start_of_rail(stop)
        mount_height = work.sum("track.mount_height", "Rail's mounting height", "high floor + rail line", rail_line:,
          high_floor: brief.figures.finished_floor, why: "Above the datum.")
        rail = Track.new(set.kit, length:, pieces: set.pieces_on_stock(length, resting_rollers(rail_start)), mount_height:,
          packing: 0r)
        @studs = Studs.new(brief.survey["wall.studs"], rail, rail_start)
        rail
      end

      # Where a panel or a pair that parts can go: from closed to its edge at
      # the jamb.
      def slides_clear(place, left)
        return unless set.pattern.laps.zero?

        goes_left?(place) ? [-set.width, left] : [left, set.sizing.width]
      end

      # Free wall that a set without a lap needs beside the opening, mm: side
      # to length; empty for sets that lap.
      def parking
        return {} unless set.pattern.laps.zero?

        sides = (set.pattern.panels == 1) ? [set.opens] : %w[left right]
        sides.to_h { |side| [side, set.width + set.kit.fetch("stop")] }
      end

      # Where each floor guide stands: at the laps, or in the middle of the
      # cover where panels slide clear.
      def guide_places
        return super if set.pattern.laps.positive?

        parking.keys.map { |side| (side == "right") ? set.sizing.width + side_cover / 2 : -side_cover / 2 }
      end

      def parts
        {wall: {rail_line:, standoff:, header_board: studs.header_board?}, engagement: nil, lift_room: nil}
      end

      private

      # A single panel goes where the fitter says; of a pair the left one left.
      def goes_left?(place) = (set.pattern.panels == 1) ? set.opens == "left" : place.zero?

      def hang
        @rail_line = work.sum("wall.rail_line", "Rail line", "gap + height + rise", gap:, height:, rise: set.kit.fetch("rise"),
          why: "Above the finished floor's high point; the kit says where the rail's holes sit on it.")
        @standoff = work.sum("wall.standoff", "Packing behind the rail", "most(deepest + clear − stand off, 0)",
          deepest: brief.survey["wall.projection"] || 0r, clear: CLEAR.to_r, stand_off: set.kit.fetch("standoff"),
          why: "The panel's back clears the deepest thing on the wall.")
      end

      def start_of_rail(stop)
        return set.run_start - stop if set.pattern.laps.positive?

        parking.key?("left") ? -set.width - stop : set.run_start - stop
      end

      def rail_length(stop)
        formula = {1 => "cover + width + panel + 2 × stop", 2 => "width + 2 × panel + 2 × stop"}[set.pattern.panels]
        formula = "run + 2 × stop" if set.pattern.laps.positive?
        work.sum("track.length", "Rail", "up(#{formula}, grain)", run: set.run, cover: side_cover, width: set.sizing.width,
          panel: set.width, stop:, grain: brief.grain, why: "Rounded up: it ends on bare wall.")
      end
    end
  end
end
