# frozen_string_literal: true

require "forwardable"

module YellowTrack
  # Where a soft close goes on a hung panel (handbook 4): damper bodies on the
  # track, strikers on the panel. Places along the floor are in mm from the
  # left jamb's foot, strikers from the panel's left edge. The two bodies are
  # handed: the sprung lever toward the middle of the track.
  class SoftClose
    extend Forwardable

    FREE = 20 # travel beyond a body's length for one striker to serve both
    APART = 60 # two strikers, at least

    # What there is for damper bodies: x of the track's ends, a body's length, and the spacer at the track's end, 0
    # without one; mm.
    Room = Struct.new(:track, :body, :spacer) do
      # x of the catch of one as near an end as it goes.
      #
      # @param right [Boolean] whether that is the right end
      def catch_at_end(right) = right ? track.last - spacer - body : track.first + spacer + body
    end

    # How a panel slides: its left edge closed, and fully open; mm.
    Slide = Struct.new(:closed, :open) do
      # @return [Rational] mm between where it takes hold and where it rests
      def travel = (open - closed).abs

      # Whether it opens to the right.
      def rightward? = open > closed
    end

    # @return [Rational] x of the opening damper's catch
    attr_reader :opening

    # @param width [Rational] of the panel
    # @param slide [Slide]
    # @param room [Room]
    def initialize(width:, slide:, room:)
      @middle, @slide, @room = width / 2, slide, room
      @opening = one_striker? ? slide.open + @middle : apart
      freeze
    end

    def_delegators :@slide, :travel

    # @return [Rational] x of the closing damper's catch
    def closing = @slide.closed + @middle

    # @return [Array<Rational>] one striker or two, from the panel's left edge
    def strikers = one_striker? ? [@middle] : [@middle, opening - @slide.open]

    # Whether the travel lets one striker serve both dampers.
    def one_striker? = travel >= @room.body + FREE

    private

    # The opening damper as near the end as the spacer lets it, slid on toward
    # the middle until the strikers stand clear of each other.
    def apart
      at_end = @room.catch_at_end(@slide.rightward?)
      return at_end unless (at_end - @slide.open - @middle).abs < APART

      @slide.open + @middle + (@slide.rightward? ? -APART : APART)
    end
  end
end
