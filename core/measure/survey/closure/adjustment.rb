# frozen_string_literal: true

module YellowTrack
  class Survey
    class Closure
      # Gauss–Newton on the six unknown coordinates (xb, yb, xl, yl, xr, yr);
      # the bottom left corner is the datum.
      class Adjustment
        UNKNOWNS = 6
        PLACES = {br: 0, tl: 2, tr: 4}.freeze # where a corner's x stands
        ENOUGH = 0.001 # mm: the largest change that ends it
        ROUNDS = 40

        # misfits: observed − computed, mm, an observation each.
        # redundancies: r, an observation each.
        Solved = Struct.new(:corners, :misfits, :redundancies)

        # @param observations [Array<Observation>] six or more
        # @param start [Array<Float>] the six coordinates to begin with
        def initialize(observations, start)
          @observations = observations
          @at = start
        end

        # @return [Solved]
        def solve
          ROUNDS.times { break if step < ENOUGH }
          Solved.new(corners, misfits, redundancies)
        end

        # r of each observation, where the corners stand now.
        def redundancies
          rows = gradients
          equations = NormalEquations.new(rows, weights, UNKNOWNS)
          rows.zip(weights).map { |row, weight| 1 - weight * equations.spread(row) }
        end

        private

        def gradients = @observations.map { |observed| gradient(observed) }

        # One round; the largest change it made.
        def step
          change = NormalEquations.new(gradients, weights, UNKNOWNS).solve(misfits)
          @at = @at.zip(change).map(&:sum)
          change.map(&:abs).max
        end

        def weights = @weights ||= @observations.map(&:weight)

        def misfits = @observations.map { |observed| observed.value - computed(observed) }

        def corners = {bl: [0.0, 0.0]}.merge(PLACES.to_h { |corner, place| [corner, @at[place, 2]] })

        def computed(observed)
          x, y = apart(observed)
          observed.axis ? [x, y][observed.axis] : Math.hypot(x, y)
        end

        def apart(observed)
          from, to = PLACES[observed.from], PLACES[observed.to]
          [@at[to] - (from ? @at[from] : 0.0), @at[to + 1] - (from ? @at[from + 1] : 0.0)]
        end

        # How an observation changes with each unknown it depends on.
        def gradient(observed)
          x, y = direction(observed)
          from, to = PLACES[observed.from], PLACES[observed.to]
          row = [[to, x], [to + 1, y]]
          row << [from, -x] << [from + 1, -y] if from
          row
        end

        def direction(observed)
          return observed.axis.zero? ? [1.0, 0.0] : [0.0, 1.0] if observed.axis

          x, y = apart(observed)
          length = Math.hypot(x, y)
          # Corners that fall together have no direction: any will do.
          length.zero? ? [1.0, 0.0] : [x / length, y / length]
        end
      end
    end
  end
end
