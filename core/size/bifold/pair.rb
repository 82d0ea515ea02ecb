# frozen_string_literal: true

module YellowTrack
  class Bifold
    # Two hinged panels and where they stand at an angle (handbook 5, "The
    # fold"). The knuckle is on the closet face; the track keeps the guide pin
    # at y = 0.
    class Pair
      # @param width [Numeric] P, mm
      # @param thickness [Numeric] T, mm
      def initialize(width:, thickness:, hinge_gap:, pivot_inset:, lead_inset:)
        @width = width.to_f
        @half = thickness / 2.0
        @inset = pivot_inset.to_f
        @hinge = hinge_gap / 2.0
        @to_pin = @width - lead_inset + @hinge # d₂
      end

      # The last angle of the pivot panel that the guide pin can follow,
      # degrees; 180 where nothing stops it.
      def last_angle
        short, long = Math.hypot(@to_pin, @half), Math.hypot(to_knuckle, @half)
        return 180.0 if short >= long

        (Math.atan2(@half, to_knuckle) + Math.asin(short / long)) * 180 / Math::PI
      end

      # @param degrees [Numeric] θ
      # @return [Pose]
      def pose(degrees)
        theta = degrees * Math::PI / 180
        cos, sin = Math.cos(theta), Math.sin(theta)
        knuckle = [to_knuckle * cos + @half * sin, to_knuckle * sin - @half * cos]
        phi = following(knuckle.last)
        lead = lead_of(knuckle, phi)
        Pose.new(degrees, theta, phi, knuckle, lead.call(@to_pin, @half), pivot_corners(cos, sin), corners_of(lead))
      end

      private

      # d₁
      def to_knuckle = @width - @inset + @hinge

      # φ that puts the guide pin back on the track's line.
      def following(rise)
        reach = Math.hypot(@to_pin, @half)
        Math.atan2(@half, @to_pin) + Math.asin((rise / reach).clamp(-1.0, 1.0))
      end

      # Places on the lead panel: so far along it from the knuckle, so far
      # from its closet face.
      def lead_of((x, y), phi)
        cos, sin = Math.cos(phi), Math.sin(phi)
        ->(along, off) { [x + along * cos + off * sin, y - along * sin + off * cos] }
      end

      def corners_of(lead)
        [[@hinge, 0], [@hinge + @width, 0], [@hinge + @width, 2 * @half], [@hinge, 2 * @half]].map do |along, off|
          lead.call(along, off)
        end
      end

      def pivot_corners(cos, sin)
        [[-@inset, -@half], [@width - @inset, -@half], [@width - @inset, @half], [-@inset, @half]]
          .map { |along, off| [along * cos - off * sin, along * sin + off * cos] }
      end
    end
  end
end
