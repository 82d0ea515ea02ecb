# frozen_string_literal: true

require "date"

module YellowTrack
  module Drawing
    # Days beside each other along a rail, from left to right without a gap: where each stands, how wide it is, and
    # where a moment is between them. Screen units.
    class DaysBeside
      DAY = 1440 # minutes

      # @return [Array<VisitTrack::Day>]
      attr_reader :all
      # @return [Numeric] where the first one begins
      attr_reader :edge

      # @param all [Array<VisitTrack::Day>]
      # @param edge [Numeric] where the first one begins
      # @param today [Date, nil] marked where it is among them
      # @yieldparam day [VisitTrack::Day]
      # @yieldreturn [Numeric] how wide it is
      def initialize(all, edge:, today: nil)
        @all, @edge, @today = all, edge, today
        @lefts = all.each_with_object([edge]) { |day, lefts| lefts << lefts.last + yield(day) }
        @places = all.each_with_index.to_h { |day, place| [day.date, place] }
      end

      # Where the last one ends.
      def right = @lefts.last

      # A day's left edge.
      #
      # @param place [Integer] which of them
      def left(place) = @lefts[place]

      # How wide a day is: those that nobody works are narrow.
      def wide(place) = @lefts[place + 1] - @lefts[place]

      # Which of them a date is; nil where it is not shown.
      def place(date) = @places[date]

      # Whether a day is today.
      def today?(day) = day.date == @today

      # What stands over it: the month too, where it is the first that is shown or the first of it.
      def heading(place)
        date = all[place].date
        date.strftime((date.day == 1 || place.zero?) ? "%-d %b %a" : "%-d %a")
      end

      # Where a moment stands: within its day by the clock, at an end where its day is not shown.
      #
      # @param moment [String] "2027-03-01T09:30"
      def x(moment)
        date = Date.iso8601(moment[0, 10])
        at = place(date)
        return (date < all.first.date) ? edge : right unless at

        hours, minutes = moment[11, 5].split(":").map(&:to_i)
        left(at) + wide(at) * (hours * 60 + minutes) / DAY.to_f
      end
    end
  end
end
