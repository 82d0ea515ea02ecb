# frozen_string_literal: true

require "forwardable"

module YellowTrack
  # A length of track, in one piece or several, and where it hangs (handbook 4,
  # "Rollers, guide, track"). All in mm, places from the track's left end.
  class Track
    extend Forwardable

    TOLD = 0.05r # of packing, at least

    # @return [Rational] x of its left end, from the left jamb's foot
    attr_reader :start
    # @return [Rational] its height above the datum, and the most packing over it
    attr_reader :mount_height, :packing
    # @return [Rational, nil] length of a rail on the floor below it
    attr_reader :floor_rail

    def_delegator :@pieces, :lengths, :pieces
    def_delegators :@pieces, :joints, :holes, :stock

    # @param brief [Brief]
    # @param start [Rational]
    # @param pieces [Array<Rational>] from left to right
    def initialize(brief, start:, pieces:, mount_height:, packing:, floor_rail: nil)
      @start, @mount_height, @packing, @floor_rail = start, mount_height, packing, floor_rail
      @pieces = Pieces.new(brief.kit, pieces)
      @pieces.told(brief)
      freeze
    end

    # @return [Rational] of all its pieces
    def length = pieces.sum

    # @return [Rational] mm from the left jamb
    def finish = start + length

    # Whether anything that can be told goes over it: a head out of level by less is level.
    def packed? = packing >= TOLD

    # @return [Hash] mm, as it stands in the plan's file
    def to_h
      {length:, pieces:, joints:, holes:, mount_height:, packing:, floor_rail:}
    end
  end
end
