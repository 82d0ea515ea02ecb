# frozen_string_literal: true

module YellowTrack
  class Survey
    class Closure
      # Lists what was observed: distances between corners, and offsets along
      # an axis, each with its standard deviation (handbook 2's table).
      module Observations
        DISTANCES = {
          "widths.bottom" => [:bl, :br, 1.0], "widths.top" => [:tl, :tr, 1.0],
          "heights.left" => [:bl, :tl, 1.0], "heights.right" => [:br, :tr, 1.0],
          "diagonals.rising" => [:bl, :tr, 1.5], "diagonals.falling" => [:br, :tl, 1.5]
        }.freeze
        OFFSETS = {"leans.left" => [:bl, :tl], "leans.right" => [:br, :tr]}.freeze

        FLOOR_SIGMA = 1.0
        LEVEL_SIGMA = 0.001 # no floor, no lean: only fixes the rotation
        GUESS_SIGMA = 10.0 # no floor, but a lean: a guess

        module_function

        # @return [Array<Observation>]
        def of(survey) = distances(survey) + leans(survey) + [floor(survey)]

        # The readings not taken, each with the value that these corners give
        # it.
        #
        # @return [Array<Array(String, Object)>]
        def untaken(survey, corners)
          (bl, br, tl, tr) = corners.values_at(:bl, :br, :tl, :tr).map { |corner| corner.map(&:rationalize) }
          fitting = {
            "diagonals.rising" => Math.hypot(tr[0] - bl[0], tr[1] - bl[1]),
            "diagonals.falling" => Math.hypot(tl[0] - br[0], tl[1] - br[1]),
            "leans.left" => tl[0], "leans.right" => tr[0] - br[0]
          }.select { |key, _| survey[key].nil? }
          fitting["floor"] = [[0r, 0r], br] unless survey.floor.read?
          fitting.to_a
        end

        # @return [Array<Observation>] widths, heights and diagonals as far as they were read
        def distances(survey)
          DISTANCES.filter_map do |reading, (from, to, sigma)|
            value = survey[reading]
            value && Observation.new(reading:, from:, to:, value: value.to_f, sigma:)
          end
        end

        # @return [Array<Observation>] leans of the jambs as far as they were read
        def leans(survey)
          OFFSETS.filter_map do |reading, (from, to)|
            value = survey[reading]
            value && Observation.new(reading:, from:, to:, axis: 0, value: value.to_f, sigma: 1.0)
          end
        end

        # @return [Array<Observation>] the two lower corners
        def floor(survey)
          floor = survey.floor
          rise = floor.at(survey["widths.bottom"]) - floor.at(0)
          Observation.new(reading: ("floor" if floor.read?), from: :bl, to: :br, axis: 1,
            value: rise.to_f, sigma: floor_sigma(survey, floor))
        end

        # @return [Rational] mm: what a floor that nobody read may be out, or a station that was
        def floor_sigma(survey, floor)
          return FLOOR_SIGMA if floor.read?

          leans(survey).any? ? GUESS_SIGMA : LEVEL_SIGMA
        end
      end
    end
  end
end
