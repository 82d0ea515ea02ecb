# frozen_string_literal: true

module YellowTrack
  class Visits
    # What holds a job up, without a gap to its last end (handbook 14): a step's work or
    # others' days, and before it a wait, hours that its place is closed, or being held
    # (on the road, or put off to share a trip).
    class Chain
      include Back

      # One stretch: by "work", "other", "wait", "closed" or "held".
      Stretch = Struct.new(:place, :by, :from, :to)

      # What a step may be held by: a step's number or nil, the moment it ends, and that
      # its wait is over.
      Held = Struct.new(:place, :ends, :over)

      # @param model [Model]
      # @param timing [Timing]
      # @param rows [Array<Days::Row>]
      def initialize(model, timing, rows)
        @model, @timing, @calendar = model, timing, model.calendar
        @row = rows.flat_map(&:works)
        @free = model.free(model.beginning)
      end

      # @return [Array<Stretch>] from the first to the last
      def stretches
        back_from(@timing.ends.each_index.max_by { |one| [@timing.ends[one] || -1, one] })
      end

      private

      def own(place)
        Stretch.new(place, step(place).crew? ? "work" : "other", @timing.starts[place], @timing.ends[place])
      end

      def step(place) = @model.steps[place]

      # A fixed date that is kept begins a chain.
      def kept?(place) = step(place).fixed? && !@timing.missed?(place)

      # Of those that make its day and could be on no earlier one themselves, what is
      # over last; else whatever was over last, the crew's step before it too.
      def holder(place)
        held = before(place)
        making = held.select { |one| makes_day?(place, one.over) && settled?(one) }
        return making.max_by(&:over) if making.any?

        [*held, *previous(place)].max_by(&:over)
      end

      def before(place)
        steps = @model.before(place).map { |one, after|
          ends = @timing.ends[one]
          Held.new(one, ends, after.over(ends, @calendar))
        }
        [*steps, *day_of_its_own(place)]
      end

      # A date that it is not to be before, and the start: each at the morning.
      def day_of_its_own(place)
        [step(place).not_before, 0].compact.map { |day| Held.new(nil, @calendar.morning(day), @calendar.morning(day)) }
      end

      def previous(place)
        number = @row.index(place)
        return [] unless number&.positive?

        one = @row[number - 1]
        [Held.new(one, @timing.ends[one], @timing.ends[one])]
      end

      # Whether for its wait the step could be on no earlier day.
      def makes_day?(place, over)
        return @calendar.morning_from(over) == @calendar.day_of(@timing.starts[place]) unless step(place).crew?

        start = @calendar.fits(step(place).place, step(place).minutes, over)
        @calendar.day_of(start) == @calendar.day_of(@timing.starts[place])
      end

      # Whether what holds could itself be on no earlier day, the crew free.
      def settled?(held)
        held.place.nil? || step(held.place).ended || step(held.place).others? && kept?(held.place) ||
          @calendar.day_of(@free[held.place]) == @calendar.day_of(held.ends)
      end

      def between(place, held)
        start = @timing.starts[place]
        over, opens = [held.over, start].min, [opened(place, held.over), start].min
        [Stretch.new(place, "wait", held.ends, over), Stretch.new(place, "closed", over, opens),
          Stretch.new(place, "held", opens, start)].select { |one| one.to > one.from }
      end

      # From when there are hours at its place, after a moment.
      def opened(place, moment)
        return @calendar.morning(@calendar.morning_from(moment)) unless step(place).crew?

        day = @calendar.crew_from(@calendar.day_of(moment))
        opens, closes = @calendar.hours(step(place).place, day)
        return [opens, moment].max if moment < closes

        @calendar.hours(step(place).place, @calendar.crew_from(day + 1)).first
      end
    end
  end
end
