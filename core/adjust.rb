# frozen_string_literal: true

module YellowTrack
  # Which adjuster of a hung panel to turn, which way and how far (handbook 8).
  # Lengths in mm; + raises, and moves a pivot away from its jamb.
  module Adjust
    EVEN = 1 # mm; gaps that differ by no more are even
    BOW = 2 # mm; more bow stays whatever is turned
    QUARTER = 4 # to a turn
    SLOT = 1r / 2 # mm, that a hanger in a slot is set to

    module_function

    # Which way a kit's screw is turned to raise (+) or lower (-).
    #
    # @return ["clockwise", "anticlockwise"]
    def way(kit, by)
      raising = kit.fetch("adjust.raise")
      return raising if by.positive?

      (raising == "clockwise") ? "anticlockwise" : "clockwise"
    end
  end
end
