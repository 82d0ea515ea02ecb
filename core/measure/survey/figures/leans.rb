# frozen_string_literal: true

module YellowTrack
  class Survey
    class Figures
      # How far the jambs' tops stand to the right of their feet, mm, as far as that is known (handbook 2): as read,
      # else of the corners of a checked shape, rounded to 0.001. A shape that nothing checks lends no lean: its one
      # diagonal would let its own slip size the set.
      class Leans
        # @param survey [Survey] complete
        # @param closure [Closure] of it
        def initialize(survey, closure)
          @survey, @closure = survey, closure
        end

        # @param side [:left, :right]
        # @return [Rational, nil]
        def [](side)
          read = @survey["leans.#{side}"]
          return read if read || !@closure.checked?

          Rational(@closure.lean(side).round(3).to_s)
        end

        # Whether both are known.
        def known? = !self[:left].nil? && !self[:right].nil?

        # Where a plumb line that clears the left jamb stands from its foot; at it while they are not known.
        def plumb_start = known? ? [0r, self[:left]].max : 0r
      end
    end
  end
end
