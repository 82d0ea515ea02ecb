# frozen_string_literal: true

module YellowTrack
  class Board
    # What a crew can do on a day (handbook 17, "A crew's day"): one trip, shop before and after it, one step at a
    # time, each job once.
    class Rows
      # @param model [Model]
      def initialize(model)
        @model = model
      end

      # A day of a crew on which nothing is done yet.
      #
      # @param ends [Array<Integer, nil>]
      def blank(crew, day, ends)
        Row.new(crew:, day:, where: :yard, now: @model.crews[crew].opens(day), works: {}, ends:, road: 0, jobs: [])
      end

      # All days of a crew that are worth looking at: of those with the same steps none that another is no worse than.
      #
      # @param open [Array<Integer>] steps that nobody has that day
      # @return [Array<Row>]
      def all(crew, day, ends, open:)
        return [] unless @model.crews[crew].works?(day)

        found, layer = [], [blank(crew, day, ends)]
        until layer.empty?
          layer = best(layer.flat_map { |row| joined(row, open - row.works.keys) })
          found.concat(layer)
        end
        best(found.map { |row| closed(row) })
      end

      # The day with each step that can join it.
      #
      # @return [Array<Row>]
      def joined(row, open) = open.filter_map { |place| with(row, place) }

      # The day with a step more; nil where it cannot join.
      def with(row, place)
        return unless @model.may(place).include?(row.crew)

        ready = @model.ready(place, row.ends) or return
        return if another_crew_today?(place, row)

        @model.site?(place) ? on_site(row, place, ready) : in_shop(row, place, ready)
      end

      # Steps that could join its end without a further road: at the house where it stands, in the shop.
      #
      # @return [Array<Integer>]
      def left(row, open)
        open.select do |place|
          next unless with(row, place)

          !@model.site?(place) || row.where == @model.job_of(place)
        end
      end

      # The day once the crew is back.
      def closed(row)
        return row unless row.where.is_a?(Integer)

        row.dup.tap { |one| one.road = row.road + @model.road(row.where, nil) }
      end

      private

      def crew(row) = @model.crews[row.crew]

      # A step straight after another crew's begins on a later day: what others did today is not in a row's ends.
      def another_crew_today?(place, row)
        @model.before(place).any? do |one, _|
          @model.steps[one].crew? && !row.works.key?(one) && row.ends[one] &&
            @model.calendar.day_of(row.ends[one]) == row.day
        end
      end

      def on_site(row, place, ready)
        job = @model.job_of(place)
        return if row.where == :back || !@model.open?(job, row.day)
        return stepped(row, place, [row.now, ready].max, job:, way: 0) if row.where == job
        return if row.jobs.include?(job)

        from = (row.where == :yard) ? nil : row.where
        way = @model.road(from, job)
        there = crew(row).driven(row.day, way, row.now) or return
        stepped(row, place, [there, ready].max, job:, way:)
      end

      def stepped(row, place, moment, job:, way:)
        start, over = crew(row).work(row.day, @model.steps[place].minutes, moment)
        return unless start && crew(row).driven(row.day, @model.road(job, nil), over)

        worked(row, place, [start, over], where: job, way:)
      end

      def in_shop(row, place, ready)
        way, now = 0, row.now
        if row.where.is_a?(Integer)
          way = @model.road(row.where, nil)
          now = crew(row).driven(row.day, way, row.now) or return
        end
        found = crew(row).work(row.day, @model.steps[place].minutes, [now, ready].max) or return
        worked(row, place, found, where: row.where.is_a?(Integer) ? :back : row.where, way:)
      end

      # What others do is over on a later day, or in the evening: nothing of it lets a step of today go.
      def worked(row, place, (start, over), where:, way:)
        ends = row.ends.dup
        ends[place] = over
        jobs = (where.is_a?(Integer) && row.where != where) ? [*row.jobs, where] : row.jobs
        Row.new(crew: row.crew, day: row.day, where:, now: over, works: row.works.merge(place => [start, over]),
          ends:, road: row.road + way, jobs:)
      end

      # Of days with the same steps, those that no other is as good as.
      def best(rows)
        rows.group_by { |row| [row.works.keys.sort, row.where] }.flat_map do |_, same|
          next same if same.one?

          told = same.map { |row| [[row.road, row.now, row.jobs.length, *held(row)], row] }
            .uniq(&:first).sort_by(&:first)
          least = told.each_with_object([]) do |one, kept|
            kept << one unless kept.any? { |other| no_worse?(other, one) }
          end
          least.map(&:last)
        end
      end

      def no_worse?(one, other) = one.first.zip(other.first).all? { |mine, its| mine <= its }

      # When what comes after its steps is let go by them.
      def held(row)
        row.works.keys.sort.flat_map do |place|
          @model.next(place).flat_map do |one|
            @model.before(one).select { |before, _| before == place }
              .map { |_, after| after.over(row.ends[place], @model.calendar) }
          end
        end
      end
    end
  end
end
