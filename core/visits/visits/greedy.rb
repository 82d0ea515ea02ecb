# frozen_string_literal: true

module YellowTrack
  class Visits
    # A good plan of many steps: day by day, the step that most hangs on comes first; a
    # day with a trip takes whatever can join. A trip that can wait without the end
    # moving waits, so that visits are shared. Then visits are taken out one by one, and
    # stay out where that is better.
    class Greedy
      SPARE = [nil, 0, 1].freeze # days past the free end till which trips wait; nil, they never do
      LOOKS = 1500 # steps put in place to take visits out

      # @return [Model] of the job
      attr_reader :model

      # @param model [Model]
      def initialize(model)
        @model, @days, @tails = model, Days.new(model), Tails.new(model)
      end

      # @return [Array<Days::Row>] the best of what was tried
      def best
        targets = SPARE.map { |days| days && free_end + days }
        target, rows = targets.map { |day| [day, plan(day)] }.min_by { |_, made| @model.value(made) }
        fewer(target, rows)
      end

      # The day of the last end with the crew free.
      def free_end = @free_end ||= @model.last_day(@model.free(@model.beginning))

      # @return [Array<Integer>] numbers of the crew's steps
      def places = @model.crew

      # A plan, day by day.
      #
      # @param target [Integer, nil] the day that trips wait for; nil, they never do
      # @param home [Hash{Integer => true}] days without a trip
      # @param ranks [Hash{Integer => Float}] steps that come sooner, or later, than what hangs on
      #   them says: by so much of a job's length
      # @return [Array<Days::Row>]
      def plan(target, home = {}, ranks = {})
        @ranks = ranks
        rows, course, day = [], Course.new(@model), 0
        until @model.crew.all? { |place| course.ends[place] }
          day = @model.calendar.crew_from(day)
          row = filled(day, course, home[day] || target && course.open.any? && spares?(day, course.ends, target))
          rows << row if row
          day += 1
        end
        rows
      end

      private

      # The plan with those visits left out that it is better without.
      def fewer(target, rows)
        home, looks = {}, LOOKS / @model.crew.length
        days = rows.select(&:trip).map(&:day)
        while (day = days.shift) && (looks -= 1) >= 0
          without = plan(target, home.merge(day => true))
          next unless (@model.value(without) <=> @model.value(rows)).negative?

          home[day], rows = true, without
          days = rows.select(&:trip).map(&:day)
        end
        rows
      end

      # The day's works; nil for none.
      #
      # @param stays [Boolean] whether no trip need be made
      def filled(day, course, stays)
        starts, trip, now = {}, nil, @model.calendar.morning(day)
        while (place, start, trip = pick(day, course, starts, now:, trip:, stays:))
          starts[place], now = start, start + @model.steps[place].minutes
          course.done(place, now)
          on = trip
        end
        Days::Row.new(day, starts, course.ends.dup, on) if starts.any?
      end

      # What is done next: without idling where it can be, then what most hangs on.
      def pick(day, course, starts, now:, trip:, stays:)
        ways = @days.joins(course.open, day, now, trip:, begun: starts.any?)
        ways = ways.reject { |_, _, way| way == :on } if stays && trip.nil?
        ways = ways.select { |_, _, way| way == :on } if trip == :on && ways.any? { |_, _, way| way == :on }
        ways.min_by { |place, start, _| [(start > now + @model.calendar.travel) ? start : 0, -rank(place), start] }
      end

      # What hangs on a step, and how it was told to come sooner or later.
      def rank(place) = @tails.of(place) + (@ranks[place] || 0) * @tails.longest

      # Whether the trip can wait a day without the last end moving.
      def spares?(day, ends, target) = @model.last_day(@model.free(ends, day + 1)) <= target
    end
  end
end
