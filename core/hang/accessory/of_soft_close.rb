# frozen_string_literal: true

module YellowTrack
  class Accessory
    # A soft close (handbook 4): two dampers on the rail, one striker on the panel or two.
    class OfSoftClose < Accessory
      ASKS = %w[width at travel rail body].freeze # what has to be measured
      MAY = %w[spacer closes holes].freeze # and what may be

      # @return [Rational] by how much the stop moves where a damper goes hard against the spacer
      attr_reader :stop_moves

      # What is done, in order.
      #
      # @return [Array<STEP>]
      def steps
        return [] unless missing.empty?

        [STEP.new("Run the panel from end to end by one finger: it has to run freely first.", nil),
          STEP.new("Take off the anti-jump parts that it replaces, then the panel.", "taking_down"),
          STEP.new("#{(@made.strikers.length == 1) ? "Striker" : "Strikers"} on the panel at " \
            "#{@made.strikers.map { |at| told(at) }.join(" and ")} from its left edge: mark, pilot, screw.",
            "drilling"),
          STEP.new("Slide both bodies into the rail, the sprung levers toward its middle: the closing catch at " \
            "#{told(@closing)}, the opening one at #{told(@made.opening)}.", nil),
          *hard_against,
          STEP.new("Cock both dampers before the first close.", "spring"),
          STEP.new("Hang the panel, close it slowly, then let it go from half open.", "lifting")]
      end

      private

      def hard_against
        return [] unless stop_moves.positive?

        [STEP.new("Put the closing damper hard against the spacer and move the stop #{told(stop_moves)} toward " \
          "the middle: the panel comes to rest that much sooner.", nil)]
      end

      def mark
        spacer = self["spacer"] || 0r
        open = rightward? ? self["at"] + self["travel"] : self["at"] - self["travel"]
        @made = SoftClose.new(width: self["width"], slide: SoftClose::Slide.new(self["at"], open),
          room: SoftClose::Room.new([0r, self["rail"]], self["body"], spacer))
        @stop_moves = [short_of(spacer), 0r].max
        catches(spacer)
        @made.strikers.each_with_index do |at, place|
          work.given("fit.striker.#{place + 1}", "Striker #{place + 1}, from the panel's left edge", at,
            from: :handbook, why: place.zero? ? "In the panel's middle." : "Where the opening damper takes hold of it.")
        end
      end

      # By how much the closing damper's body would stand over the spacer, or the rail's end.
      def short_of(spacer)
        rightward? ? spacer + self["body"] - @made.closing : @made.closing - (self["rail"] - spacer - self["body"])
      end

      def catches(spacer)
        @closing = rightward? ? @made.closing + stop_moves : @made.closing - stop_moves
        sum("closing", "Closing damper's catch, from the rail's left end",
          rightward? ? "at + width ÷ 2 + over the spacer" : "at + width ÷ 2 − over the spacer",
          why: "At the panel's middle, closed; where a spacer or the rail's end is in its way, hard against that.",
          at: self["at"], width: self["width"], over_the_spacer: stop_moves)
        work.given("fit.opening", "Opening damper's catch, from the rail's left end", @made.opening, from: :handbook,
          why: @made.one_striker? ? "At the panel's middle, fully open." : "As near the end as a spacer of " \
            "#{told(spacer)} lets it: the travel is too short for one striker.")
      end

      def found
        body = self["body"]
        closing = rightward? ? [@closing - body, @closing] : [@closing, @closing + body]
        opening = rightward? ? [@made.opening, @made.opening + body] : [@made.opening - body, @made.opening]
        [*screws(*closing, "the closing damper"), *screws(*opening, "the opening damper"), over_end(opening), meeting]
      end

      def over_end((from, to))
        over = [to - self["rail"], -from].max
        over.positive? ? check("rail", "The opening damper stands #{told(over)} over the rail's end.",
          cure: "A shorter damper, a longer rail, or one that closes alone.") : nil
      end

      # Two bodies in one rail, head to head.
      def meeting
        between = (@made.opening - @closing).abs
        return if between >= NEAR

        check("bodies", "The two catches stand #{told(between)} apart: one damper would take hold of the other's " \
          "striker.", "Fit the closing damper alone.")
      end
    end
  end
end
