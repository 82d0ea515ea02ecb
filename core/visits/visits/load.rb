# frozen_string_literal: true

module YellowTrack
  class Visits
    # What the crew has still to do, against the days that it has: fewest trips, fewest
    # days, and whether it can be done by a day. Every plan takes at least that.
    class Load
      # @param model [Model]
      def initialize(model)
        @model, @calendar = model, model.calendar
        freeze
      end

      # Fewest trips that are left.
      #
      # @param ends [Array<Integer, nil>]
      def trips(ends) = whole(minutes(ends, "site"), day_long - 2 * @calendar.travel)

      # Fewest days of work that are left.
      def days(ends)
        whole(minutes(ends, "site") + minutes(ends, "shop") + trips(ends) * 2 * @calendar.travel, day_long)
      end

      # The day by which all can be done at the earliest, from a day on.
      def day(ends, from)
        ([days(ends), 1].max - 1).times.reduce(@calendar.crew_from(from)) { |day, _| @calendar.crew_from(day + 1) }
      end

      private

      def day_long = @calendar.to - @calendar.from

      def minutes(ends, at)
        @model.crew.sum do |place|
          step = @model.steps[place]
          (ends[place].nil? && step.place == at) ? step.minutes : 0
        end
      end

      def whole(minutes, each) = minutes.zero? ? 0 : -(-minutes).div(each)
    end
  end
end
