# frozen_string_literal: true

module YellowTrack
  class Visits
    # What the crew can do on one day: each row of works, every step as early as may be,
    # to which no step could be joined without a further trip (handbook 14). A day is
    # the shop, one trip to the site, and the shop again.
    class Days
      # A day's works: the numbers of its steps with their starts, and the ends then.
      Row = Struct.new(:day, :starts, :ends, :trip) do
        # @return [Array<Integer>] days on which something begins
        def works = starts.keys
      end

      # @param model [Model]
      # @yieldreturn [Object] asked at each row that is made: throws where it takes too long
      def initialize(model, &held)
        @model, @calendar, @held = model, model.calendar, held
        freeze
      end

      # All rows of a day that may be closed, that of no work left out; of those with the
      # same steps none that another is no worse than.
      #
      # @param day [Integer]
      # @param ends [Array<Integer, nil>]
      # @return [Array<Row>]
      def rows(day, ends)
        found, row = [], Row.new(day, {}, ends, nil)
        open = [[row, @calendar.morning(day)]]
        until open.empty?
          further = open.flat_map { |one, now| extended(one, now) { |closed| found << [closed, 0] } }
          open = best(further)
        end
        best(found).map(&:first)
      end

      # What of some steps can join a day.
      #
      # @param open [Hash{Integer => Integer}] steps with the moment from which each could begin
      # @param now [Integer] when the day's last step ends
      # @param trip [Symbol, nil] nil before the trip, :on during it, :back after it
      # @param begun [Boolean] whether the day has a step
      # @return [Array<Array(Integer, Integer, Symbol)>] step, start, trip then
      def joins(open, day, now, trip:, begun:)
        open.filter_map do |place, ready|
          joined(@model.steps[place], day, now, trip:, begun:, ready:)&.then { |start, on| [place, start, on] }
        end
      end

      private

      # The row with each step that can join it; told of itself where it may be closed.
      def extended(row, now)
        @held&.call
        further = joins(unheld(row.ends), row.day, now, trip: row.trip, begun: row.starts.any?)
        yield row if row.starts.any? && further.none? { |_, _, trip| row.trip || trip != :on }
        further.map { |place, start, trip| [with(row, place, start, trip:), start + @model.steps[place].minutes] }
      end

      # Of rows with the same steps, those that no other is as good as: whatever its steps
      # hold can go on as early after another, and that one has begun as early.
      def best(rows)
        rows.group_by { |row, _| [row.works.sort, row.trip] }.flat_map do |_, same|
          next same if same.one?

          told = same.map { |row, now| [[now, *held(row), *sums(row)], row, now] }.uniq(&:first).sort_by(&:first)
          told.each_with_object([]) { |one, kept| kept << one unless kept.any? { |other| no_worse?(other, one) } }
            .map { |_, row, now| [row, now] }
        end
      end

      def no_worse?(one, other) = one.first.zip(other.first).all? { |mine, its| mine <= its }

      # When what comes after its steps is let go by them.
      def held(row)
        row.works.flat_map do |place|
          @model.next(place).flat_map do |one|
            waits = @model.before(one).select { |before, _| before == place }
            waits.map { |_, after| after.over(row.ends[place], @calendar) }
          end
        end
      end

      # When the trip begins, and all starts together.
      def sums(row)
        site = row.starts.find { |place, _| @model.steps[place].place == "site" }
        [site ? site.last : 0, row.starts.values.sum]
      end

      # Steps that nothing holds any more.
      def unheld(ends)
        @model.crew.each_with_object({}) do |place, open|
          ready = ends[place] ? nil : @model.ready(place, ends)
          open[place] = ready if ready
        end
      end

      # The row with one step more.
      def with(row, place, start, trip:)
        ends = row.ends.dup
        ends[place] = start + @model.steps[place].minutes
        Row.new(row.day, row.starts.merge(place => start), @model.come(ends), trip)
      end

      # Where a step would join, and where the trip is then; nil where it cannot.
      def joined(step, day, now, trip:, begun:, ready:)
        site = step.place == "site"
        return if site && trip == :back

        way = if site ? trip.nil? && begun : trip == :on
          @calendar.travel
        else
          0
        end
        opens, closes = @calendar.hours(step.place, day)
        start = [opens, now + way, ready].max
        [start, site ? :on : trip && :back] if start + step.minutes <= closes
      end
    end
  end
end
