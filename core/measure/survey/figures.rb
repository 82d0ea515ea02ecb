# frozen_string_literal: true

module YellowTrack
  class Survey
    # What follows from the readings (handbook 2): the derived figures, and
    # the widths and heights a set is sized to. All in mm.
    class Figures
      # @return [Rational] covering to come that counts in the heights
      attr_reader :standing

      attr_reader :tightest_width, :greatest_width, :plumb_width, :plumb_start, :covering, :floor_high, :floor_fall,
        :finished_floor, :level_height, :greatest_head, :head_low, :head_high, :width_spread, :height_spread, :bow, :sag

      # @param survey [Survey] complete
      # @param closure [Closure] of it
      # @param work [Working] the ledger to write in
      # @param standing [Rational] covering to come that counts in the heights: all
      #   of it, or none where it is laid up to a floor rail (handbook 15)
      def initialize(survey, closure, work, standing: survey.covering)
        @survey = survey
        @closure = closure
        @work = work
        @standing = standing
        widths
        floors
        heads
        shape
      end

      # What stands in the plan file's "survey", the closure apart.
      def to_h
        {tightest_width:, plumb_width:, level_height:, covering:, floor_high: finished_floor, floor_fall:,
         width_spread:,
         height_spread:, bow:, sag:, out_of_square: @closure.out_of_square}
      end

      # How far a jamb's top stands to the right of its foot, mm, where it is
      # known: as read, else of the corners of a checked shape, rounded to 0.001.
      # A shape that nothing checks lends no lean: its one diagonal would let its
      # own slip size the set.
      #
      # @param side [:left, :right]
      # @return [Rational, nil]
      def lean(side)
        read = @survey["leans.#{side}"]
        return read if read || !@closure.checked?

        Rational(@closure.lean(side).round(3).to_s)
      end

      # Whether both jambs' leans are known.
      def leans_known? = !lean(:left).nil? && !lean(:right).nil?

      # Underside of the head above the datum at a place along the floor, mm.
      def head(x)
        middle = floor_width / 2
        return slope(x, [0r, head_left], [middle, head_middle]) if x <= middle

        slope(x, [middle, head_middle], [floor_width, head_right])
      end

      private

      def floor = @floor ||= @survey.floor

      def up_to? = standing < covering

      def floor_width = @survey["widths.bottom"]

      def widths
        list = @survey.widths
        @tightest_width = @work.sum("survey.tightest_width", "Tightest width", "least(widths)", widths: list,
          from: :survey,
          why: "The least of the three: nothing wider gets in.")
        @greatest_width = @work.sum("survey.greatest_width", "Greatest width", "most(widths)", widths: list,
          from: :survey,
          why: "The most of the three: what a set on the wall has to cover.")
        @width_spread = @work.sum("survey.width_spread", "Width spread", "most(widths) − least(widths)", widths: list,
          from: :survey, why: "How far the jambs are from running parallel.")
        plumb
      end

      def plumb
        left, right = lean(:left), lean(:right)
        @plumb_start = leans_known? ? [0r, left].max : 0r
        @plumb_width = leans_known? ? plumb_between(left, right) : tightest_width
      end

      def plumb_between(left, right)
        @work.sum("survey.plumb_width", "Plumb width",
          "most(least(least(floor, floor + right lean) − most(0, left lean), tightest), 0)",
          floor: floor_width, right_lean: right, left_lean: left, tightest: tightest_width, from: :survey,
          why: "Between two plumb lines that clear both jambs; leans as read, else of corners that other readings " \
            "check.")
      end

      def floors
        rises = floor.rises(0r, floor_width)
        @covering = @work.given("survey.covering", "Covering to come, C", @survey.covering, from: :survey,
          why: "Its thickness while it is not laid, else nothing.", source: "survey.covering.thickness")
        @floor_high = rises.max
        @floor_fall = floor_fall_of(rises)
        @finished_floor = @work.sum("survey.floor_high", "Finished floor's high point, Fh", "most(rises) + covering",
          rises:, covering:, from: :survey, why: "A panel must pass it.")
      end

      # What was not read is no sum.
      def floor_fall_of(rises)
        unless floor.read?
          return @work.given("survey.floor_fall", "Floor fall", 0r, from: :handbook,
            why: "Not read: it counts as none.")
        end

        @work.sum("survey.floor_fall", "Floor fall", "most(rises) − least(rises)", rises:, from: :survey,
          why: "Highest spot less lowest between the jambs.")
      end

      def heads
        heads = [head_left, head_middle, head_right]
        @head_low, @head_high = heads.minmax
        @level_height = @work.sum("survey.level_height", "Level height, H",
          "most(least(heads) − high floor − covering, 0)",
          heads:, high_floor: floor_high, covering: standing, from: :survey,
          why: "From the #{up_to? ? "floor's high point, the covering laid up to the rail," :
            "finished floor's high point"} to the head's low point: a track is level.")
        @greatest_head = @work.sum("survey.greatest_head", "Greatest head", "most(heads) − high floor − covering",
          heads:, high_floor: floor_high, covering:, from: :survey,
          why: "What a set on the wall has to cover.")
      end

      def head_left = floor.at(0r) + @survey["heights.left"]

      def head_middle = floor.at(floor_width / 2) + @survey["heights.middle"]

      def head_right = floor.at(floor_width) + @survey["heights.right"]

      def slope(x, (left, low), (right, high))
        return low if right == left

        low + (high - low) * (x - left) / (right - left)
      end

      def shape
        top, middle, bottom = @survey.widths
        @bow = @work.sum("survey.bow", "Jamb bow", "(top + bottom) ÷ 2 − middle", top:, bottom:, middle:, from: :survey,
          why: "Over nothing when the jambs belly into the opening. No adjuster takes it out.")
        list = @survey.heights
        @height_spread = @work.sum("survey.height_spread", "Height spread", "most(heights) − least(heights)",
          heights: list,
          from: :survey, why: "How far head and floor are from running parallel.")
        sag_of(*(floor.read? ? [head_left, head_middle, head_right] : list))
        square
      end

      def sag_of(left, middle, right)
        @sag = @work.sum("survey.sag", "Head sag", "(left + right) ÷ 2 − middle", left:, right:, middle:, from: :survey,
          why: "Over nothing when the head hangs in the middle (or, without floor stations, the floor humps).")
      end

      def square
        return if @closure.open?

        @work.sum("survey.out_of_square", "Out of square", "(left lean + right lean) ÷ 2", from: :survey,
          left_lean: @closure.lean(:left), right_lean: @closure.lean(:right),
          why: "How far the top stands to the right of the bottom, of the solved corners.")
      end
    end
  end
end
