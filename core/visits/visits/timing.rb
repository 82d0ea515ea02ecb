# frozen_string_literal: true

module YellowTrack
  class Visits
    # When each step of a plan begins and ends, with what follows from it (handbook 14,
    # "The files"): by how much it could be put off, what is waited for.
    class Timing
      LONG = 120 # minutes of a wait that is told

      # A wait: numbers of the steps after and before it, its moments, steps that are
      # done in it and that could be.
      Wait = Struct.new(:after, :before, :from, :to, :done, :could, keyword_init: true)

      # @return [Array<Integer, nil>] moments by number
      attr_reader :starts, :ends
      # @return [Integer] the day of the last end
      attr_reader :last_day

      # @param model [Model]
      # @param rows [Array<Days::Row>]
      def initialize(model, rows)
        @model, @calendar = model, model.calendar
        crew = rows.map(&:starts).reduce({}, :merge)
        @ends = model.come(model.steps.each_with_index.map { |step, place| ended(step, crew[place]) })
        @starts = model.steps.each_index.map { |place| crew[place] || others(place)&.start }
        @last_day = model.last_day(ends)
        freeze
      end

      # When others come; nil for a step of the crew.
      #
      # @return [Model::Time, nil]
      def others(place) = (@model.others(place, ends) if @model.steps[place].others?)

      # Whether whoever else was to come did not.
      def missed?(place) = others(place)&.missed || false

      # Working days by which a step could be put off; of others with a date, by which that date may
      # slip (handbook 14).
      #
      # @return [Integer, nil] nil for one that was over before the start
      def slack(place)
        return if @model.steps[place].ended

        first = @calendar.day_of(starts[place])
        days = (first + 1..last_day).select { |day| @calendar.working?(day) }
        open = days.select { |day| can_begin?(place, day) }
        late = open.bsearch_index { |day| !holds?(place, put_off(place, day)) } || open.length
        late.zero? ? 0 : days.index(open[late - 1]) + 1
      end

      # @return [Array<Wait>]
      def waits
        @model.steps.each_index.flat_map { |place| own(place) + between(place) }
          .select { |wait| wait.to - wait.from > LONG && wait.to > @calendar.morning(0) }
      end

      # The earliest that a step could be after what is before it as planned, the crew
      # free, from a moment on.
      def earliest(place, from)
        step = @model.steps[place]
        ready = [@model.ready(place, ends), from].max
        @calendar.fits(step.place, step.minutes, ready)
      end

      private

      def can_begin?(place, day) = !@model.steps[place].crew? || @calendar.crew?(day)

      def ended(step, start) = step.ended || (start && start + step.minutes)

      # Ends once a step begins in the first hour of a day at its place.
      def put_off(place, day)
        later, open = ends.dup, @model.after(place).reject { |one| @model.steps[one].ended }
        open.each { |one| later[one] = nil }
        step = @model.steps[place]
        later[place] = if step.crew?
          @calendar.hours(step.place, day).first + step.minutes
        else
          @calendar.evening(step.fixed? ? day : @calendar.working_after(day, step.days - 1))
        end
        @model.free(later, open:)
      end

      # Nothing ends after the plan does, and no later fixed date moves.
      def holds?(place, later)
        [place, *@model.after(place)].all? do |one|
          @calendar.day_of(later[one]) <= last_day &&
            (one == place || !@model.steps[one].fixed? || later[one] == ends[one])
        end
      end

      # The days that others take.
      def own(place)
        return [] unless @model.steps[place].others? && @model.steps[place].days

        [wait(place, nil, starts[place], to: ends[place])]
      end

      def between(place)
        return [] if @model.steps[place].ended

        @model.before(place).select { |_, after| after.wait? }
          .map { |one, after| wait(one, place, ends[one], to: after.over(ends[one], @calendar)) }
      end

      def wait(after, before, from, to:)
        Wait.new(after:, before:, from:, to:, done: within(from, to), could: could(from, to))
      end

      def within(from, to) = @model.crew.select { |place| starts[place] >= from && ends[place] <= to }

      def could(from, to)
        @model.crew.select do |place|
          starts[place] >= to && (start = earliest(place, from)) && start + @model.steps[place].minutes <= to
        end
      end
    end
  end
end
