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

    # What carries a panel and adjusts it: "hanger", or on a floor rail "roller".
    def carrier(kit) = (kit.manner.carried == :floor) ? "roller" : "hanger"

    # Whether a kit's adjusters go by a slot's scale, not by turns.
    def slot?(kit) = kit["adjust.slot"] == true

    # What a hanger or a jack is set by: a quarter turn, or part of a slot.
    #
    # @param per_turn [Numeric, nil] where it was learnt
    # @return [Numeric] mm
    def step(kit, per_turn = nil) = slot?(kit) ? SLOT : (per_turn || kit.fetch("adjust.per_turn")) / QUARTER

    # A taper as it would be at a right jamb: raising the right hanger adds to
    # it there.
    #
    # @param jamb ["left", "right"]
    # @param gaps [Hash{String => Numeric}] top and bottom
    # @return [Numeric] mm
    def taper_at_right(jamb, gaps) = (gaps.fetch("top") - gaps.fetch("bottom")) * ((jamb == "right") ? 1 : -1)
  end
end
