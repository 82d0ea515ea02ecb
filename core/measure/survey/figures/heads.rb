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
        # @return [Rational] its low and its high point above the datum
        attr_reader :low, :high

        # @param survey [Survey] complete
        # @param floor [Floors] of it
        # @param work [Working] the ledger to write in
        # @param standing [Rational] covering to come that counts in the heights
        def initialize(survey, floor, work, standing:)
          @survey, @floor, @work, @standing = survey, floor, work, standing
          sum_up
        end

        # Underside of the head above the datum at a place along the floor, mm.
        def at(x)
          middle = @floor.width / 2
          return slope(x, [0r, left], [middle, at_middle]) if x <= middle

          slope(x, [middle, at_middle], [@floor.width, right])
        end

        # @return [Array<Rational>] left, in the middle, right
        def all = [left, at_middle, right]

        private

        def sum_up
          heads = all
          @low, @high = heads.minmax
          @level = @work.sum("survey.level_height", "Level height, H",
            "most(least(heads) − high floor − covering, 0)",
            heads:, high_floor: @floor.high, covering: @standing, from: :survey,
            why: "From the #{up_to? ? "floor's high point, the covering laid up to the rail," :
              "finished floor's high point"} to the head's low point: a track is level.")
          @greatest = @work.sum("survey.greatest_head", "Greatest head", "most(heads) − high floor − covering",
            heads:, high_floor: @floor.high, covering: @floor.covering, from: :survey,
            why: "What a set on the wall has to cover.")
        end

        def left = @floor.at(0r) + @survey["heights.left"]

        def at_middle = @floor.at(@floor.width / 2) + @survey["heights.middle"]

        def right = @floor.at(@floor.width) + @survey["heights.right"]

        def up_to? = @standing < @floor.covering

        def slope(x, (left, low), (right, high))
          return low if right == left

          low + (high - low) * (x - left) / (right - left)
        end
      end
    end
  end
end
