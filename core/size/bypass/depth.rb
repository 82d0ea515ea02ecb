# frozen_string_literal: true

require "forwardable"

module YellowTrack
  class Bypass
    # Where lanes, rails and guides stand in the depth, and what the set takes of it
    # (handbook 4 and 15, "Where things stand in the depth"): from the opening's front
    # plane, or from the front of panels on the wall, into the closet. All in mm.
    class Depth
      extend Forwardable

      # What a set takes inside an opening: needed; track_front, the track's front edge where the sheet gives its width.
      Inside = Struct.new(:needed, :track_front)

      def_delegators :@lanes, :air, :open?, :faces
      def_delegator :@lanes, :lines, :lanes

      # @return [Array<Rational>, nil] of each guide: the middle of the lanes it holds
      attr_reader :guides

      # @param brief [Brief]
      # @param thickness [Rational] of a panel
      # @param covers [Boolean] whether the set hangs on the wall
      def initialize(brief, thickness, covers:)
        @brief = brief
        front = covers ? 0r : brief.opening["setback"] || kit.fetch("front_clearance")
        @lanes = Lanes.new(brief, thickness, front:)
        @inside = inside unless covers
        @rails = rails_on_floor if back
      end

      # @return [Rational, nil] what the set takes inside an opening; nil on the wall
      def needed = @inside&.needed

      # @return [Rational, nil] the track's front edge, where the sheet gives its width
      def track_front = @inside&.track_front

      # Where a lane of the rail on the floor is: further back than the channel's by
      # what the kit says.
      def rail(lane) = (@rails || lanes).fetch(lane)

      # Guides stand at laps, each in the middle of the lanes that it holds.
      #
      # @param laps [Array<Lap>]
      # @param pattern [Pattern] of the set
      def guide(laps, pattern)
        @guides = laps.map do |lap|
          first, last = lanes.values_at(*held(lap, pattern).minmax)
          sum("guides.#{lap.between.join}", "Guide at the lap #{lap.between.join(", ")}, in the depth",
            "(first lane + last lane) ÷ 2", why: "The middle of the lanes that it holds.", first_lane: first,
            last_lane: last)
        end
      end

      # The plan file's "depth"; nothing for a set on the wall.
      def parts
        return {} unless @inside

        {depth: {needed:, available: @brief.survey["depth"], air:, lanes: lanes.values,
                 **{guides:, track_front:}.compact}}
      end

      private

      def kit = @brief.kit

      def sum(key, title, formula, why:, **values) = @brief.work.sum("depth.#{key}", title, formula, why:, **values)

      # How much further back the rail on the floor is than the channel; nil without one.
      def back = (kit["rail.back"] || 0r if kit.manner.carried == :floor)

      def rails_on_floor
        lanes.to_h do |lane, middle|
          [lane, sum("rails.#{lane}", "Floor rail, lane #{lane}", "channel + back",
            why: "From the front into the closet.", channel: middle, back:)]
        end
      end

      def inside
        available
        needed = sum("needed", "Depth needed", "front + thickness + lanes × lane pitch + back clearance",
          why: "Lane by lane from front to back.", front: @lanes.front, thickness: @lanes.thickness,
          lanes: @lanes.count - 1, lane_pitch: @lanes.pitch, back_clearance: kit.fetch("back_clearance"))
        Inside.new(needed, (edge if kit["track.width"]))
      end

      def available
        depth = @brief.survey["depth"] or return
        @brief.work.given("depth.available", "Depth of the opening", depth, from: :survey, source: "survey.depth",
          why: "As read.")
      end

      def edge
        sum("track_front", "Track's front edge", "(first lane + last lane − track width) ÷ 2",
          why: "From the front into the closet.", first_lane: lanes.values.first, last_lane: lanes.values.last,
          track_width: kit["track.width"])
      end

      # All lanes in use, or those of its half where the set parts in the middle.
      def held(lap, pattern)
        place = Family::NAMES.index(lap.between.first)
        pattern.lanes[pattern.stretches.find { |stretch| stretch.cover?(place) }]
      end
    end
  end
end
