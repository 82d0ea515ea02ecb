# frozen_string_literal: true

module YellowTrack
  class Board
    # The firm's days and hours (handbook 17, "Calendar"): working days are of the week and no holidays, once or
    # every year; waits in days and others go by these. Moments are whole minutes from 0:00 of the start.
    class Calendar < Visits::Calendar
      # @param yearly [Array<String>] holidays of every year: "12-25"
      # @param pause [Array(Integer, Integer), nil] minutes of a day between which nobody works
      # @param days [Hash] start, week, off, from, to, as Visits::Calendar has them
      def initialize(yearly:, pause:, **days)
        @yearly = yearly.to_h { |text| [text, true] }
        @pause = pause
        @known, @numbers = {}, [0]
        super(**days, away: [], travel: 0)
      end

      # @return [Array(Integer, Integer), nil]
      attr_reader :pause

      # Whether anybody works on it.
      def working?(day)
        @known.fetch(day) { @known[day] = super && !@yearly[date(day).strftime("%m-%d")] }
      end

      # Working days from the start up to a day, itself counted.
      def number(day)
        return 0 if day.negative?

        (@numbers.length..day + 1).each { |one| @numbers << @numbers[one - 1] + (working?(one - 1) ? 1 : 0) }
        @numbers[day + 1]
      end

      # Working days by which one day is later than another; under 0 for an earlier one.
      def days_between(one, other) = number(other) - number(one)
    end
  end
end
