# frozen_string_literal: true

require "date"

module YellowTrack
  class Visits
    # Days and hours of a job (handbook 14, "The model"). A moment is whole minutes from
    # 0:00 of its start date, a day a number from there.
    class Calendar
      DAY = 1440 # minutes
      WEEK = %w[sun mon tue wed thu fri sat].freeze

      # @return [Integer] minutes of the way
      attr_reader :travel

      # @param start [Date]
      # @param week [Array<String>] its working days, as in WEEK
      # @param off [Array<Date>] days that nobody works on
      # @param away [Array<Date>] days that the crew is elsewhere
      def initialize(start:, week:, off:, away:, from:, to:, travel:)
        @start, @hours, @travel = start, [from, to].freeze, travel
        worked = week.map { |name| WEEK.index(name) }
        @week = Array.new(7) { |day| worked.include?((start.wday + day) % 7) }.freeze
        @closed = {away => :away, off => :off}.flat_map { |dates, why| dates.map { |date| [day(date), why] } }.to_h
        freeze
      end

      # @return [Integer] minutes of a day at which work begins
      def from = @hours.first

      # @return [Integer] minutes of a day at which it ends
      def to = @hours.last

      # @return [Integer] days from the first one
      def day(date) = (date - @start).to_i

      # @return [Date] of a day that is counted from the first one
      def date(day) = @start + day

      # @param moment [Integer]
      def day_of(moment) = moment.div(DAY)

      # @param time [Time, DateTime] of no zone
      def moment(time) = day(time.to_date) * DAY + time.hour * 60 + time.min

      # As the files have it.
      #
      # @return [String] "2027-03-04T07:30"
      def told(moment) = "#{date(day_of(moment))}T#{format("%02d:%02d", *(moment % DAY).divmod(60))}"

      # @return [Integer] minutes from the first midnight
      def morning(day) = day * DAY + from

      # @return [Integer] minutes from the first midnight
      def evening(day) = day * DAY + to

      # Whether anybody works on it: week, holidays and days off.
      def working?(day) = @week[day % 7] && @closed[day] != :off

      # Whether the crew can work on a day of the job.
      def crew?(day) = day >= 0 && working?(day) && !@closed.key?(day)

      # The first working day from a day on, that one too.
      def working_from(day) = (day..).find { |one| working?(one) }

      # @return [Integer] the first day from there on which the crew can come
      def crew_from(day) = ([day, 0].max..).find { |one| crew?(one) }

      # The n-th working day after a day.
      def working_after(day, count) = count.times.reduce(day) { |one, _| working_from(one + 1) }

      # Working days up to a day, from another.
      def working_days(from_day, to_day) = (from_day + 1..to_day).count { |one| working?(one) }

      # The first working day whose morning is at a moment or later.
      def morning_from(moment)
        day = day_of(moment)
        working_from((morning(day) >= moment) ? day : day + 1)
      end

      # Between what moments of a day the crew works at a place.
      #
      # @param place ["site", "shop"]
      def hours(place, day)
        way = (place == "site") ? travel : 0
        [morning(day) + way, evening(day) - way]
      end

      # When work of some minutes can begin at a place, from a moment on, the crew free.
      def fits(place, minutes, moment)
        (crew_from(day_of(moment))..).each do |day|
          next unless crew?(day)

          opens, closes = hours(place, day)
          start = [opens, moment].max
          return start if start + minutes <= closes
        end
      end
    end
  end
end
