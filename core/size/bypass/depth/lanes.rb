# frozen_string_literal: true

module YellowTrack
  class Bypass
    class Depth
      # Where a kit's lanes stand in the depth, and what air is between their panels (handbook 4 and 15): from the
      # opening's front plane, or from the front of panels on the wall, into the closet. All in mm.
      class Lanes
        # @return [Rational, nil] air between panels in neighbouring lanes, s; nil on
        #   one lane
        attr_reader :air
        # @return [Hash{Integer => Rational}] centre line of each
        attr_reader :lines
        # @return [Rational] from there to the first lane's panels
        attr_reader :front
        # @return [Rational] of a panel
        attr_reader :thickness

        # @param brief [Brief]
        # @param thickness [Rational] of a panel
        # @param front [Rational]
        def initialize(brief, thickness, front:)
          @brief, @thickness, @front = brief, thickness, front
          @air = between
          @lines = (1..count).to_h { |lane| [lane, line(lane)] }
          freeze
        end

        # Whether lanes are separate, a rail each.
        def open? = kit["lane_pitch"] == "open"

        # @return [Integer] how many the kit has
        def count = kit.fetch("lanes")

        # From the centre line of one to the next.
        def pitch = open? ? thickness + (air || 0r) : kit["lane_pitch"] || 0r

        # Front and back of the panels of a lane.
        #
        # @param lane [Integer]
        # @return [Array(Rational, Rational)]
        def faces(lane) = [lines.fetch(lane) - thickness / 2, lines.fetch(lane) + thickness / 2]

        private

        def kit = @brief.kit

        def sum(key, title, formula, why:, **values) = @brief.work.sum("depth.#{key}", title, formula, why:, **values)

        def between
          return if count == 1
          return @brief.from_kit("air.design", "Air between panels, s") if open?

          sum("air", "Air between panels, s", "lane pitch − thickness",
            why: "From the back of one panel to the face of the next.", lane_pitch: kit.fetch("lane_pitch"), thickness:)
        end

        def line(lane)
          sum("lanes.#{lane}", "Lane #{lane}, centre line", "front + thickness ÷ 2 + lanes × lane pitch",
            why: "From the front into the closet.", front:, thickness:, lanes: lane - 1, lane_pitch: pitch)
        end
      end
    end
  end
end
