# frozen_string_literal: true

module YellowTrack
  class Bypass
    # A rail on the wall above the opening carries; the panels cover the
    # opening from outside (handbook 4).
    class WallHung < Support
      WITHOUT_LAP = [[1], [1, 1]].freeze

      # Heights of panels that hang before the wall; mm.
      class Covering < Heights
        # @return [Rational] the rail's line above the finished floor
        attr_reader :rail_line
        # @return [Rational] over the head as it comes out, v'
        attr_reader :cover

        # Hp, the cover as it comes out, and the rail's line.
        #
        # @param brief [Brief]
        # @param sizing [Sizing]
        # @raise [NothingLeft]
        def initialize(brief, sizing)
          @brief, @sizing = brief, sizing
          gap = brief.take("gap", "gap.design", "Floor gap, f")
          wanted = brief.take("cover.head", "cover.head", "Cover above the opening, v")
          super(brief, sizing, height: brief.given_height || panel_height(gap, wanted), gap:)
          @cover = brief.work.sum("wall.cover", "Cover above as it comes out, v'", "height + gap − greatest head",
            height:, gap:, greatest_head: sizing.height, why: "How far the panels stand above the opening.")
          @build = Build.over_head(brief, cover, wanted)
          hang
        end

        private

        def panel_height(gap, cover)
          @brief.work.sum("panels.height", "Panel height, Hp", "down(most(greatest head + cover − gap, 0), grain)",
            greatest_head: @sizing.height, cover:, gap:, grain: @brief.grain,
            why: "Rounded down to the grain; the left-over comes off the cover.")
        end

        def hang
          @rail_line = @brief.work.sum("wall.rail_line", "Rail line", "gap + height + rise", gap:, height:,
            rise: @brief.kit.fetch("rise"),
            why: "Above the finished floor's high point; the kit says where the rail's holes sit on it.")
        end
      end

      # Whether it hangs in front of the opening.
      def covers? = true

      # @return [Sizing] what has to be covered
      def sizing(usual) = Sizing::OnWall.new(brief, usual:)

      # @return [Rational] none: no jamb is met
      def bumper = 0r

      # Cover beyond each jamb, q, mm: the fitter's, else the kit's; of ready-made panels without a
      # lap, closed to the kit's meet gap, half of what they have beyond the opening, under nothing
      # where they are too narrow for it (handbook 4, "Ready-made without a lap").
      #
      # @param sizing [Sizing]
      # @return [Rational]
      def side_cover(sizing)
        return brief.opening["cover.side"] || brief.kit.fetch("cover.side") unless shared_cover?

        (ready_made + meets * meet_gap - sizing.width) / 2
      end

      # The greatest width, and the cover at both sides.
      #
      # @return [Run]
      def run(sizing)
        cover = written_cover(sizing)
        Run.new(-cover, work.sum("run", "Run, R", "width + 2 × cover", width: sizing.width, cover:,
          why: "The greatest width, and the cover at both sides."))
      end

      # @return [Covering]
      def heights(sizing) = Covering.new(brief, sizing)

      # @return [Track] a rail, rounded up: it ends on bare wall
      def track(set)
        length, start = rail_length(set), rail_start(set)
        mount_height = work.sum("track.mount_height", "Rail's mounting height", "high floor + rail line",
          rail_line: set.heights.rail_line,
          high_floor: brief.figures.finished_floor, why: "Above the datum.")
        pieces = Track::Maker.new(brief, set.sizing).pieces(length, resting(set, start))
        Track.new(brief, start:, pieces:, mount_height:, packing: 0r)
      end

      # Where a panel or a pair that parts can go: from closed to its edge at
      # the jamb.
      def cleared(place, left, width, sizing:)
        return unless pattern.laps.zero?

        goes_left?(place) ? [-width, left] : [left, sizing.width]
      end

      # Free wall that a set without a lap needs beside the opening, mm: side
      # to length; empty for sets that lap.
      def parking(width) = parking_sides.to_h { |side| [side, width + stop] }

      # Where each floor guide stands: at the laps, or in the middle of the
      # cover where panels slide clear.
      def guide_places(laps, sizing)
        return super if pattern.laps.positive?

        half = side_cover(sizing) / 2
        parking_sides.map { |side| (side == "right") ? sizing.width + half : -half }
      end

      # @return [Hash] what the plan's file says of this support alone
      def parts(set)
        {wall: set.wall.to_h, engagement: nil, lift_room: nil}
      end

      private

      # Whether what ready-made panels have beyond the opening is shared to both jambs: they do not
      # lap, and the fitter did not say how far they cover it.
      def shared_cover?
        pattern.laps.zero? && !brief.opening["width"].nil? && brief.opening["cover.side"].nil?
      end

      def written_cover(sizing)
        return brief.take("cover.side", "cover.side", "Cover beyond each jamb, q") unless shared_cover?

        work.sum("wall.side_cover", "Cover beyond each jamb, q",
          "(panels × panel + meets × meet gap − width) ÷ 2", panels: pattern.panels, panel: brief.opening["width"],
          meets:, meet_gap:, width: sizing.width,
          why: "Ready-made, closed to the meet: what is left is shared to both jambs.")
      end

      def ready_made = pattern.panels * brief.opening["width"]

      def meets = pattern.meets

      def meet_gap = meets.zero? ? 0r : brief.kit.fetch("meet_gap")

      def refuse_pattern
        return if pattern.laps.positive? || WITHOUT_LAP.include?(pattern.lanes)

        raise Fault.new("#{pattern.text} has no lap. On the wall only [1] and [1, 1] do without.", key: "set.pattern")
      end

      def parking_sides
        return [] if pattern.laps.positive?

        (pattern.panels == 1) ? [opens] : %w[left right]
      end

      # A single panel goes where the fitter says; of a pair the left one left.
      def goes_left?(place) = (pattern.panels == 1) ? opens == "left" : place.zero?

      def stop = brief.kit.fetch("stop")

      def rail_start(set)
        left = parking_sides.include?("left") ? -set.width : set.run.start
        work.sum("wall.rail_start", "Rail starts", "left − stop", left:, stop:, why: "From the left jamb's foot.")
      end

      def rail_length(set)
        formula = {1 => "cover + width + panel + 2 × stop", 2 => "width + 2 × panel + 2 × stop"}[pattern.panels]
        formula = "run + 2 × stop" if pattern.laps.positive?
        work.sum("track.length", "Rail", "up(#{formula}, grain)", run: set.run.length, cover: side_cover(set.sizing),
          width: set.sizing.width,
          panel: set.width, stop:, grain: brief.grain, why: "Rounded up: it ends on bare wall.")
      end
    end
  end
end
