# frozen_string_literal: true

require "date"

module YellowTrack
  module Desk
    class JobVisits
      # Why a step is not on a day.
      class Why
        # @param plan [Visits]
        # @param visiting [JobVisits]
        def initialize(plan, visiting)
          @plan, @visiting = plan, visiting
          @model = plan.model
          @calendar = @model.calendar
        end

        # @param place [Integer] of the step
        def says(place)
          step = @model.steps[place]
          day = @calendar.day(Date.iso8601(@visiting.put.fetch(step.key)))
          date = @calendar.date(day)
          return "#{told(date)} is before the plan begins." if day.negative?

          waiting(place, day) || closed(step, day, date) || full(step)
        end

        private

        def told(date) = date.strftime("%-d %B")

        # What it waits for, that is over later than that day.
        def waiting(place, day)
          last, after = @model.before(place).max_by { |one, wait| wait.over(@plan.timing.ends[one], @calendar) }
          return unless last

          over = after.over(@plan.timing.ends[last], @calendar)
          return if @calendar.day_of(over) < day || (@calendar.day_of(over) == day && over <= latest(place, day))

          step, ends = @model.steps[last], @calendar.date(@calendar.day_of(@plan.timing.ends[last]))
          wait = after.wait? ? ", and is waited for till #{told(@calendar.date(@calendar.day_of(over)))}" : ""
          "#{step.key}, #{step.what}, is done on #{told(ends)}#{wait}."
        end

        # The latest at which it could begin that day.
        def latest(place, day)
          step = @model.steps[place]
          return @calendar.morning(day) unless step.crew?

          @calendar.hours(step.place, day).last - step.minutes
        end

        def closed(step, day, date)
          return if step.others? || @calendar.crew?(day)
          return "#{told(date)} is no working day." unless @calendar.working?(day)

          @visiting.elsewhere.include?(date.iso8601) ? "The crew is at another job on #{told(date)}." :
            "The crew is away on #{told(date)}."
        end

        def full(step)
          return "Its date is missed." if step.others?

          "It shares a trip later, with what else is done then, and the job ends no later for it."
        end
      end
    end
  end
end
