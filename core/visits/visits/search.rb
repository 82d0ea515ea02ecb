# frozen_string_literal: true

module YellowTrack
  class Visits
    # The best plan of a few steps, exactly (handbook 14, "The model"): fewest fixed
    # dates missed, the earliest last end, fewest visits, fewest days with work, the
    # earliest dates of visits; among equals, as long as that is soon looked through, the
    # rest as early as may be.
    class Search
      MOST = 12 # crew steps
      EQUALS = 400 # days looked at after which plans as good as one found are left

      # A look for plans that miss so many fixed dates and end by a day: what was found from each day on, and how many
      # days were looked at.
      Look = Struct.new(:missed, :last, :kept, :count)

      # @param model [Model]
      # @param patience [Patience, nil] after which it is given up; nil for never
      def initialize(model, patience: nil)
        @model, @load, @patience = model, Load.new(model), patience
        @days = Days.new(model, &(method(:hold) if patience))
      end

      # @return [Array<Days::Row>, nil] nil where it was given up
      def best = catch(:given_up) { found }

      private

      def hold = (throw :given_up if @patience.over?)

      def found
        start = @model.beginning
        free = @model.free(start)
        first = [@model.last_day(free), @load.day(start, 0)].max
        lasts = first..[first, @model.last_day(@model.singly(start))].max
        (@model.missed(free)..).each do |missed|
          lasts.each do |last|
            best = within(missed, last, start)
            return best.last if best
          end
        end
      end

      def within(missed, last, start)
        @look = Look.new(missed, last, {}, 0)
        from(0, start)
      end

      # The best of what is left from a day on: visits, days, dates of visits; the sums of
      # all steps' days, of when visits begin, of all starts; and the rows; nil where nothing ends in time.
      def from(day, ends)
        return done(ends) if @model.crew.all? { |place| ends[place] }

        day = @model.calendar.crew_from(day)
        return unless in_time?(day, ends)

        @look.kept.fetch(key(day, ends)) { |one| @look.kept[one] = best_of(day, ends) }
      end

      def done(ends) = ([[0, 0, [], 0, 0, 0], []] if within?(ends))

      def in_time?(day, ends)
        day <= @look.last && @load.day(ends, day) <= @look.last && within?(@model.free(ends, day))
      end

      def within?(ends) = @model.last_day(ends) <= @look.last && @model.missed(ends) <= @look.missed

      # What is left depends on when the waits are over that it still has, and on what
      # ends anyhow.
      def key(day, ends)
        floor = day * Calendar::DAY
        waits = @model.order.reject { |place| ends[place] }.flat_map do |place|
          @model.before(place).map { |one, after| ends[one] && [after.over(ends[one], @model.calendar), floor].max }
        end
        [day, ends.map { |one| one.nil? }, waits, @model.missed(ends)]
      end

      def best_of(day, ends)
        @look.count += 1
        hold if @patience
        rows = @days.rows(day, ends).uniq { |row| [row.ends, row.trip.nil?] }
        ways = rows.sort_by { |row| [-row.starts.length, row.starts.values.sum] }.map { |row| [row.ends, row] }
        [*ways, [ends, nil]].reduce(nil) do |found, (after, row)|
          next found if found && row && hopeless?(found.first, row)

          [found, way(day, after, row)].compact.min_by(&:first)
        end
      end

      def way(day, ends, row)
        from(day + 1, ends)&.then { |value, rows| row ? [with(value, row), [row, *rows]] : [value, rows] }
      end

      # Whether going on from a row takes more visits and days than what was found, or is
      # no better and equals are not gone into any more.
      def hopeless?((visits, days, dates), row)
        trip = row.trip ? 1 : 0
        way = [@load.trips(row.ends) + trip, @load.days(row.ends) + 1] <=> [visits, days]
        way.positive? || way.zero? && @look.count > EQUALS && (dates <=> earliest(row, visits)) < 1
      end

      # The earliest dates that so many visits can have from a row's day on.
      def earliest(row, visits)
        day = row.day - (row.trip ? 1 : 0)
        Array.new(visits) { day = @model.calendar.crew_from(day + 1) }
      end

      def with((visits, days, dates, *sums), row)
        site = row.starts.find { |place, _| @model.steps[place].place == "site" }
        arrives = row.trip ? site.last : 0
        sums = sums.zip([row.day * row.starts.length, arrives, row.starts.values.sum]).map(&:sum)
        row.trip ? [visits + 1, days + 1, [row.day, *dates], *sums] : [visits, days + 1, dates, *sums]
      end
    end
  end
end
