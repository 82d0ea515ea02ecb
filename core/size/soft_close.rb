# frozen_string_literal: true

module YellowTrack
  # Where a soft close goes on a hung panel (handbook 4): damper bodies on the
  # track, strikers on the panel. Places along the floor are in mm from the
  # left jamb's foot, strikers from the panel's left edge. The two bodies are
  # handed: the sprung lever toward the middle of the track.
  class SoftClose
    FREE = 20 # travel beyond a body's length for one striker to serve both
    APART = 60 # two strikers, at least

    # @return [Array<Rational>] one striker or two, from the panel's left edge
    attr_reader :strikers
    # @return [Rational] x of the closing damper's catch
    attr_reader :closing
    # @return [Rational] x of the opening damper's catch
    attr_reader :opening

    # @param width [Rational] of the panel
    # @param closed [Rational] its left edge closed
    # @param open [Rational] its left edge fully open
    # @param track [Array(Rational, Rational)] x of the track's ends
    # @param body [Rational] length of a damper's body
    # @param spacer [Rational] at the track's end, 0 without one
    def initialize(width:, closed:, open:, track:, body:, spacer: 0r)
      @closed, @open, @track, @body, @spacer = closed, open, track, body, spacer
      @strikers = [width / 2]
      @closing = closed + width / 2
      @opening = open + width / 2
      second unless one_striker?
    end

    # Whether the travel lets one striker serve both dampers.
    def one_striker? = travel >= @body + FREE

    # @return [Rational] mm between where it takes hold and where it rests
    def travel = (@open - @closed).abs

    private

    # The opening damper as near the end as the spacer lets it, slid on toward
    # the middle until the strikers stand clear of each other.
    def second
      @opening = rightward? ? @track.last - @spacer - @body : @track.first + @spacer + @body
      @opening = clear_of_first if (@opening - @open - strikers.first).abs < APART
      @strikers = [strikers.first, @opening - @open]
    end

    def clear_of_first = @open + strikers.first + (rightward? ? -APART : APART)

    def rightward? = @open > @closed
  end
end
