# frozen_string_literal: true

module YellowTrack
  class Accessory
    # A pull bored into a panel that hangs (handbook 15): half the stile from its free edge, at the handles' height.
    class OfPull < Accessory
      ASKS = %w[width gap].freeze # what has to be measured
      MAY = %w[stile height_up bore depth thickness proud air].freeze # and what may be
      WOOD = 5r # mm that a bore leaves

      # What is done, in order.
      #
      # @return [Array<STEP>]
      def steps
        return [] unless missing.empty?

        [STEP.new("Hold the pull against the panel where it is marked and run it: does it clear its neighbour and " \
          "the jamb?", nil),
          STEP.new("Take the panel down: it is bored lying flat.", "taking_down"),
          STEP.new("Bore at #{told(@near)} from the free edge, #{told(@up)} above the foot#{deep}, from the face.",
            "drilling"),
          STEP.new("Seal the raw wood, press the pull in, hang the panel.", "lifting")]
      end

      private

      def deep = self["depth"] ? ", #{told(self["depth"])} deep" : ""

      def mark
        @near = sum("near", "From the free edge", "stile ÷ 2", stile: self["stile"] || Pulls::STILE,
          why: "In the middle of the stile.")
        @up = sum("up", "Above the panel's foot", "height − gap", height: self["height_up"] || Pulls::HEIGHT,
          gap: self["gap"], why: "At the handles' height over the finished floor.")
      end

      def found = [proud, through, narrow]

      def proud
        return unless self["proud"] && self["air"] && self["proud"] >= self["air"] - 2

        check("proud", "It stands #{told(self["proud"])} proud, and #{told(self["air"])} is between the faces.",
          cure: "A flush pull: less than #{told(self["air"] - 2)} proud.")
      end

      def through
        return unless self["depth"] && self["thickness"] && self["thickness"] - self["depth"] < WOOD

        check("through", "It leaves #{told([self["thickness"] - self["depth"], 0r].max)} of the panel.",
          cure: "A shallower pull: #{told(WOOD)} of wood have to stay.")
      end

      def narrow
        stile = self["stile"]
        return unless stile && self["bore"] && (stile - self["bore"]) / 2 < WOOD

        check("narrow", "A bore of #{told(self["bore"])} leaves too little of a stile of #{told(stile)}.",
          cure: "A narrower pull.")
      end
    end
  end
end
