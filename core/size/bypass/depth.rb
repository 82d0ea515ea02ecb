# frozen_string_literal: true

module YellowTrack
  class Bypass
    # Where the lanes stand in the depth, and what the set takes of it (handbook 4
    # and 15, "Where things stand in the depth"): from the opening's front plane,
    # or from the front of panels on the wall, into the closet. All in mm.
    class Depth
      # @return [Rational, nil] air between panels in neighbouring lanes, s; nil on
      #   one lane
      attr_reader :air
      # @return [Rational, nil] what the set takes inside an opening; nil on the wall
      attr_reader :needed
      # @return [Hash{Integer => Rational}] centre line of each lane of the kit's
      attr_reader :lanes
      # @return [Rational, nil] the track's front edge, where the sheet gives its width
      attr_reader :track_front
      # @return [Array<Rational>, nil] of each guide: the middle of the lanes it holds
      attr_reader :guides

      # @param brief [Brief]
      # @param pattern [Pattern]
      # @param thickness [Rational] of a panel
      # @param covers [Boolean] whether the set hangs on the wall
      def initialize(brief, pattern, thickness, covers:)
        @brief, @pattern, @thickness, @covers = brief, pattern, thickness, covers
        @air = between
        @lanes = (1..kit.fetch("lanes")).to_h { |lane| [lane, line(lane)] }
        inside unless covers
        rails_on_floor if back
      end

      # Whether lanes are separate, a rail each.
      def open? = kit["lane_pitch"] == "open"

      # Front and back of the panels of a lane.
      #
      # @param lane [Integer]
      # @return [Array(Rational, Rational)] mm
      def faces(lane) = [lanes.fetch(lane) - @thickness / 2, lanes.fetch(lane) + @thickness / 2]

      # Where a lane of the rail on the floor is: further back than the channel's by
      # what the kit says.
      def rail(lane) = @rails ? @rails.fetch(lane) : lanes.fetch(lane)

      # Guides stand at laps.
      #
      # @param laps [Array<Lap>]
      def guide(laps)
        @guides = laps.map do |lap|
          first, last = lanes.values_at(*held(lap).minmax)
          sum("guides.#{lap.between.join}", "Guide at the lap #{lap.between.join(", ")}, in the depth",
            "(first lane + last lane) ÷ 2", why: "The middle of the lanes that it holds.", first_lane: first,
            last_lane: last)
        end
      end

      # The plan file's "depth"; nothing for a set on the wall.
      def parts
        return {} if @covers

        {depth: {needed:, available: @brief.survey["depth"], air:, lanes: lanes.values,
                 **{guides:, track_front:}.compact}}
      end

      private

      def kit = @brief.kit

      def sum(key, title, formula, why:, **values) = @brief.work.sum("depth.#{key}", title, formula, why:, **values)

      def front = @covers ? 0r : @brief.opening["setback"] || kit.fetch("front_clearance")

      def pitch = open? ? @thickness + (air || 0r) : kit["lane_pitch"] || 0r

      def between
        return if kit.fetch("lanes") == 1
        return @brief.from_kit("air.design", "Air between panels, s") if open?

        sum("air", "Air between panels, s", "lane pitch − thickness",
          why: "From the back of one panel to the face of the next.", lane_pitch: kit.fetch("lane_pitch"),
          thickness: @thickness)
      end

      # How much further back the rail on the floor is than the channel; nil without one.
      def back = (kit["rail.back"] || 0r if kit.manner.carried == :floor)

      def rails_on_floor
        @rails = lanes.to_h do |lane, middle|
          [lane, sum("rails.#{lane}", "Floor rail, lane #{lane}", "channel + back",
            why: "From the front into the closet.",
            channel: middle, back:)]
        end
      end

      def line(lane)
        sum("lanes.#{lane}", "Lane #{lane}, centre line", "front + thickness ÷ 2 + lanes × lane pitch",
          why: "From the front into the closet.", front:, thickness: @thickness, lanes: lane - 1, lane_pitch: pitch)
      end

      def inside
        available
        @needed = sum("needed", "Depth needed", "front + thickness + lanes × lane pitch + back clearance",
          why: "Lane by lane from front to back.", front:, thickness: @thickness, lanes: kit.fetch("lanes") - 1,
          lane_pitch: pitch, back_clearance: kit.fetch("back_clearance"))
        @track_front = edge if kit["track.width"]
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
      def held(lap)
        place = Family::NAMES.index(lap.between.first)
        @pattern.lanes[@pattern.stretches.find { |stretch| stretch.cover?(place) }]
      end
    end
  end
end
