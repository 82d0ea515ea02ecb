# frozen_string_literal: true

module YellowTrack
  class Visits
    # The steps of a job and what holds them (handbook 14, "The model"): when a step may
    # begin, when others come, the earliest that all could be with the crew free. Steps
    # are told by their numbers; ends are moments by number, nil for those that are open.
    class Model
      # When others come: from and to, and whether their fixed date was missed.
      Time = Struct.new(:start, :end, :missed)

      # @return [Calendar]
      attr_reader :calendar
      # @return [Array<Step>]
      attr_reader :steps
      # @return [Array<Integer>] all, each after those it comes after
      attr_reader :order
      # @return [Array<Integer>] those of the crew
      attr_reader :crew

      # @param steps [Array<Step>] with no ring among them
      # @param calendar [Calendar]
      def initialize(steps, calendar)
        @steps, @calendar = steps, calendar
        number = steps.each_with_index.to_h { |step, place| [step.key, place] }
        @before = steps.map { |step| step.after.map { |one| [number.fetch(one.key), one] } }
        @order = sorted
        @next = nexts
        @after = following
        @crew = steps.each_index.select { |place| steps[place].crew? }
        @others = order.select { |place| steps[place].others? }
        freeze
      end

      # What a step comes after: numbers with what is waited.
      #
      # @return [Array<Array(Integer, After)>]
      def before(place) = @before[place]

      # All steps that come after one, in their order.
      #
      # @return [Array<Integer>]
      def after(place) = @after[place]

      # Those that come next after one.
      #
      # @return [Array<Integer>]
      def next(place) = @next[place]

      # Ends of what was over before the start, and of others that wait for nothing else.
      def beginning = come(steps.map(&:ended))

      # With the ends of others that are settled by those of the rest.
      #
      # @return [Array<Integer, nil>]
      def come(ends)
        @others.each { |place| ends[place] ||= others(place, ends)&.end }
        ends
      end

      # The moment from which all that a step waits for is over; nil while something is
      # open.
      def ready(place, ends)
        from = [(steps[place].not_before || 0) * Calendar::DAY, 0].max
        before(place).each do |one, after|
          over = after.over(ends[one] || (return nil), calendar)
          from = over if over > from
        end
        from
      end

      # @return [Time, nil] nil while it is open
      def others(place, ends)
        ready = ready(place, ends) or return
        come_by(steps[place], ready)
      end

      # All ends with the crew free for all steps at once, from a day on.
      #
      # @param open [Array<Integer>] those that may have no end yet, in their order
      # @return [Array<Integer>]
      def free(ends, day = 0, open: order)
        ends = ends.dup
        open.each { |place| ends[place] ||= free_end(place, ends, day) }
        ends
      end

      # All ends with one step of the crew a day, past the last fixed date: no plan that
      # misses as few has to end later.
      #
      # @return [Array<Integer>]
      def singly(ends)
        ends, day = ends.dup, @others.filter_map { |place| steps[place].done }.push(0).max
        order.each do |place|
          next if ends[place]

          ends[place] = free_end(place, ends, day + 1)
          day = calendar.day_of(ends[place]) if steps[place].crew?
        end
        ends
      end

      # Fixed dates that are missed by these ends.
      def missed(ends) = @others.count { |place| steps[place].done && others(place, ends)&.missed }

      # How good a plan is (handbook 14): dates missed, its end, visits, days, dates of visits.
      #
      # @param rows [Array<Days::Row>]
      # @return [Array] the less, the better
      def value(rows)
        ends = rows.last.ends
        trips = rows.select(&:trip)
        [missed(ends), last_day(ends), trips.length, rows.length, trips.map(&:day)]
      end

      # The day of the last end.
      def last_day(ends) = ends.compact.map { |moment| calendar.day_of(moment) }.max || 0

      private

      # When others come for a step that waits for nothing from a moment on.
      def come_by(step, ready)
        return on_date(step.done, ready) if step.done

        first = calendar.morning_from(ready)
        last = calendar.working_after(first, step.days - 1)
        Time.new(calendar.morning(first), calendar.evening(last), false)
      end

      # A fixed date holds whatever day it is; where what it comes after is not over, it
      # is missed.
      def on_date(day, ready)
        missed = ready > calendar.morning(day)
        day = calendar.morning_from(ready) if missed
        Time.new(calendar.morning(day), calendar.evening(day), missed)
      end

      def free_end(place, ends, day)
        step = steps[place]
        return others(place, ends).end unless step.crew?

        calendar.fits(step.place, step.minutes, [ready(place, ends), day * Calendar::DAY].max) + step.minutes
      end

      def sorted
        open, done = steps.each_index.to_a, Array.new(steps.length, false)
        sorted = []
        until open.empty?
          free, open = open.partition { |place| before(place).all? { |one, _| done[one] } }
          free.each { |place| done[place] = true }
          sorted.concat(free)
        end
        sorted
      end

      def nexts
        found = Array.new(steps.length) { [] }
        steps.each_index { |place| before(place).each { |one, _| found[one] |= [place] } }
        found
      end

      def following
        found, rank = Array.new(steps.length) { [] }, order.each_with_index.to_h
        order.reverse_each { |place| found[place] = self.next(place).flat_map { |one| [one, *found[one]] }.uniq }
        found.map { |all| all.sort_by { |place| rank[place] } }
      end
    end
  end
end
