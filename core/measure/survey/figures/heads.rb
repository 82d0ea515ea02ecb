# frozen_string_literal: true

module YellowTrack
  class Survey
    class Figures
      # The head over the floor: at its three readings, and between them (handbook 2), mm.
      class Heads
        # @return [Rational] from the finished floor's high point to the head's low point, a track being level
        attr_reader :level
        # @return [Rational] what a set on the wall has to cover
        attr_reader :greatest
        # @return [Array<Rational>] left, in the middle, right, above the datum
        attr_reader :all

        # @param survey [Survey] complete
        # @param floor [Floors] of it
        # @param work [Working] the ledger to write in
        # @param standing [Rational] covering to come that counts in the heights
        def initialize(survey, floor, work, standing:)
          @floor = floor
          places = {"left" => 0r, "middle" => floor.width / 2, "right" => floor.width}
          @all = places.map { |name, x| floor.at(x) + survey["heights.#{name}"] }
          @level = level_of(work, standing)
          @greatest = work.sum("survey.greatest_head", "Greatest head", "most(heads) − high floor − covering",
            heads: all, high_floor: floor.high, covering: floor.covering, from: :survey,
            why: "What a set on the wall has to cover.")
        end

        # Its low point above the datum, mm.
        def low = all.min

        # Its high point above the datum, mm.
        def high = all.max

        # Underside of the head above the datum at a place along the floor, mm.
        def at(x)
          middle, (left, at_middle, right) = @floor.width / 2, all
          return slope(x, [0r, left], [middle, at_middle]) if x <= middle

          slope(x, [middle, at_middle], [@floor.width, right])
        end

        private

        def level_of(work, covering)
          up_to = covering < @floor.covering
          work.sum("survey.level_height", "Level height, H", "most(least(heads) − high floor − covering, 0)",
            heads: all, high_floor: @floor.high, covering:, from: :survey,
            why: "From the #{up_to ? "floor's high point, the covering laid up to the rail," :
              "finished floor's high point"} to the head's low point: a track is level.")
        end

        def slope(x, (left, low), (right, high))
          return low if right == left

          low + (high - low) * (x - left) / (right - left)
        end
      end
    end
  end
end
