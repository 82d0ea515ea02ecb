# frozen_string_literal: true

module YellowTrack
  class Bifold
    # A pair at one angle.
    #
    # degrees, theta  of the pivot panel, in degrees and radians
    # phi             of the lead panel, the other way, radians
    # knuckle, pin    [x, y], mm
    # pivot_corners, lead_corners  four each, closet face first
    Pose = Struct.new(:degrees, :theta, :phi, :knuckle, :pin, :pivot_corners, :lead_corners) do
      # @return [Array<Array<Rational>>] x and y in mm, seen from above
      def corners = pivot_corners + lead_corners
    end
  end
end
