# frozen_string_literal: true

module YellowTrack
  class Visits
    # What is to be minded of a plan of visits (handbook 14).
    class Checks
      IDLE = 60 # minutes between two steps on site

      # A check with the day and the numbers of the steps that it concerns.
      Found = Struct.new(:check, :day, :places)

      # @param plan [Visits]
      # @param hands [Integer] of the crew
      # @param was [Was, nil]
      def initialize(plan, hands:, was:)
        @plan, @hands, @was = plan, hands, was
      end

      # @return [Array<Found>]
      def found = [*helpers, *late, *slip, *short, *idle, *bound]

      private

      def calendar = @plan.model.calendar

      def check(code, level, day, places:, says:, cure:)
        Found.new(Check.new(code: "visits.#{code}", level:, says:, do: cure).freeze, day, places)
      end

      def step(place) = @plan.model.steps[place]

      def helpers
        @plan.rows.filter_map do |row|
          more = row.works.select { |place| step(place).hands > @hands }
          next if more.empty?

          most = more.map { |place| step(place).hands }.max
          check("hands", :watch, row.day, places: more, says: "#{most} hands, and the crew has #{@hands}.",
            cure: "A helper for that day.")
        end
      end

      def late
        @plan.model.steps.each_index.select { |place| step(place).fixed? && @plan.timing.missed?(place) }.map do |place|
          day = calendar.day_of(@plan.timing.starts[place])
          check("late", :stop, day, places: [place],
            says: "What it waits for is not over on #{calendar.date(step(place).done)}.",
            cure: "Ask for #{calendar.date(day)}.")
        end
      end

      def slip
        return [] unless @was&.end_day

        days = calendar.working_days(@was.end_day, @plan.end_day)
        return [] unless @plan.end_day > @was.end_day && days.positive?

        [check("slip", :watch, @plan.end_day, places: [],
          says: "The job ends #{Count.told(days, "working days")} later than planned.", cure: "Tell the customer.")]
      end

      def short
        road = 2 * calendar.travel
        brief = @plan.visits.select { |visit| site_minutes(visit) < road }
        brief.map do |visit|
          check("short", :note, visit.day, places: visit.places,
            says: "#{site_minutes(visit)} minutes of work for #{road} on the " \
            "road.", cure: "See whether a wait or a date can be moved so that it shares a trip.")
        end
      end

      def site_minutes(visit) = visit.places.sum { |place| step(place).minutes }

      def idle
        @plan.visits.select { |visit| visit.places.each_cons(2).any? { |one, other| gap(one, other) > IDLE } }
          .map do |visit|
          check("idle", :note, visit.day, places: visit.places,
            says: "Over #{IDLE} minutes with nothing to do on site.",
            cure: "Other work for the gap, or another day.")
        end
      end

      def gap(one, other) = @plan.timing.starts[other] - @plan.timing.ends[one]

      def bound
        return [] if @plan.proved?

        day, visits = @plan.bound
        [check("bound", :note, @plan.end_day, places: [],
          says: "Not proved: no plan ends before #{calendar.date(day)}, none with " \
          "fewer than #{visits} visits.", cure: "Good enough to go by.")]
      end
    end
  end
end
