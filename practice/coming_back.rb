# frozen_string_literal: true

module YellowTrack
  module Practice
    # When a drill comes back (handbook 12, "Rounds"): with four fifths of its points it
    # moves on, else it comes back the next day.
    module ComingBack
      DAYS = [1, 3, 7, 21].freeze
      ENOUGH = 4r / 5

      module_function

      # @param rounds [Array<Array(Date, Rational)>] the day of each round and its share of
      #   the points, oldest first
      # @return [Date, nil] when the drill is due; nil for one never done
      def on(rounds)
        return if rounds.empty?

        step = rounds.reduce(-1) { |before, (_, share)| (share >= ENOUGH) ? [before + 1, DAYS.length - 1].min : -1 }
        rounds.last.first + DAYS.fetch([step, 0].max)
      end
    end
  end
end
