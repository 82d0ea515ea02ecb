# frozen_string_literal: true

module YellowTrack
  class Visits
    # The plan before, as its days' works can still be done: each day the same steps of the crew in
    # the same order, placed as early as may be. A plan that is as good as another found since is
    # held to, so that what was kept does not move for nothing.
    class Again
      # @param model [Model]
      # @param was [Was]
      def initialize(model, was)
        @model, @was, @days = model, was, Days.new(model)
      end

      # @return [Array<Days::Row>, nil] nil where a step has no day any more, or not that one
      def rows
        course, places = Course.new(@model), @model.crew.reject { |place| @model.steps[place].ended }
        return unless places.all? { |place| @was.start_of(@model.steps[place].key) }

        by_day = places.sort_by { |place| @was.start_of(@model.steps[place].key) }
          .group_by { |place| @was.day_of(@model.steps[place].key) }
        found = by_day.map { |day, works| row(day, works, course) }
        found if found.all?
      end

      private

      def row(day, works, course)
        return if day.negative? || @model.calendar.crew_from(day) != day

        now, trip, starts = @model.calendar.morning(day), nil, {}
        joined = works.all? do |place|
          _, start, trip = @days.joins(course.open.slice(place), day, now, trip:, begun: starts.any?).first
          next unless start

          starts[place], now = start, start + @model.steps[place].minutes
          course.done(place, now)
        end
        Days::Row.new(day, starts, course.ends.dup, trip) if joined
      end
    end
  end
end
