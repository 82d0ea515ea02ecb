# frozen_string_literal: true

module YellowTrack
  class Board
    # Good rows of works for any number of steps: a board lived day by day by a way of choosing, which is then changed a
    # little at a time (handbook 17: a good plan, and the bound).
    class Greedy
      LONGEST = 600 # days that a board is lived
      BACK = 120 # changes after which the looking goes back to the best
      STRAYS = 0.05 # share of ways a little worse that are gone on from
      SHARE = 0.09 # of a look of patience, that a work tried takes
      FEW = 120 # crew days of a plan each of whose visits is tried to be left out

      # @param model [Model]
      # @param value [Value]
      # @param patience [Visits::Patience] how long better ones are looked for
      # @param seed [Integer]
      def initialize(model, value, patience:, seed: 1)
        @model, @value, @patience, @calendar = model, value, patience, model.calendar
        @rows, @random, @looks = Rows.new(model), Random.new(seed), 0
        @told = value.told.group_by(&:first).transform_values { |list| list.map(&:last).sort }
      end

      # @param known [Array<Row>, nil] the plan that stands
      # @yieldparam value [Array]
      # @yieldreturn [Boolean] whether a plan of that value is as good as any
      # @return [Array<Row>]
      def best(known = nil, &enough)
        @best, @least, @way = known, known&.then { |rows| @value.of(rows) }, nil
        @here = @there = @queue = nil
        Way.starts(@model).each do |way|
          try(way)
          return @best if @best && over?
        end
        look until over? || enough&.call(@least)
        @best
      end

      private

      # Whether patience is over; it is told how many works were tried since.
      def over?
        looks, @looks = @looks * SHARE, 0
        @patience.over?(looks)
      end

      # One further way: one of those that follow from the best, else a change of where the looking stands.
      def look
        way = @queue&.shift
        return try(way) if way

        @steps = (@steps || 0) + 1
        @here, @there = @way || Way.starts(@model).first, @least if @here.nil? || (@steps % BACK).zero?
        try(@here.changed(@model, @best, @random))
      end

      def try(way)
        rows = lived(way) or return
        value = @value.of(rows)
        @here, @there = way, value if @there.nil? || (value <=> @there) < 1 || strays?(value)
        return unless @least.nil? || (value <=> @least) < 1

        better = @least.nil? || (value <=> @least).negative?
        @best, @least, @way = rows, value, way
        @queue = following(way, rows) if better && rows.length <= FEW
      end

      # Now and then a way that is a little worse is gone on from.
      def strays?(value)
        @random.rand < STRAYS && value.first(2) == @least.first(2) && value[2] <= @least[2] + 1
      end

      # The best without each of its visits, the shortest first.
      def following(way, rows)
        visits = rows.flat_map { |row| row.jobs.map { |job| [row, job] } }
        visits.sort_by { |row, job| minutes(row, job) }.map do |row, job|
          way.copy.tap { |one| one.shy[[job, row.day]] = true }
        end
      end

      def minutes(row, job)
        row.works.sum { |place, (from, to)| (@model.job_of(place) == job) ? to - from : 0 }
      end

      # The board lived by a way; nil where that comes to no end.
      def lived(way)
        ends, rows, day = @model.beginning, [], 0
        from = @model.jobs.each_index.map { |job| next_of(job, ends) }
        while from.any?
          return if day > LONGEST

          today = day_of(way, day, ends, from:)
          today.each { |row| row.works.each { |place, (_, over)| ends[place] = over } }
          rows.concat(today)
          ends = @model.come(ends) if today.any?
          today.flat_map { |row| row.works.keys.map { |place| @model.job_of(place) } }.uniq
            .each { |job| from[job] = next_of(job, ends) }
          day += 1
        end
        rows
      end

      # From when something of a job can begin; nil where nothing is left of it.
      def next_of(job, ends)
        left = @model.of_job(job).select { |place| ends[place].nil? && @model.steps[place].crew? }
        left.filter_map { |place| @model.ready(place, ends) }.min
      end

      # What the crews do on a day.
      def day_of(way, day, ends, from:)
        tomorrow = (day + 1) * Visits::Calendar::DAY
        jobs = from.each_index.select { |job| from[job] && from[job] < tomorrow }
        return [] if jobs.empty?

        urgent, left = urgent(way, day, ends, jobs:), left_of(jobs, ends)
        order(way, urgent).each_with_object([]) do |crew, done|
          next unless @model.crews[crew].works?(day)

          row = row_of(way, @rows.blank(crew, day, ends), left, urgent:, taken: done.flat_map(&:jobs))
          next unless row.any?

          done << @rows.closed(row)
          row.works.each_key { |place| left[@model.job_of(place)].delete(place) }
        end
      end

      # Steps of crews that are left, by job.
      def left_of(jobs, ends)
        jobs.to_h do |job|
          [job, @model.of_job(job).select { |place| ends[place].nil? && @model.steps[place].crew? }]
        end
      end

      def order(way, urgent)
        @model.crews.each_index.sort_by { |crew| [-urgent.count { |job, _| way.prefers[job] == crew }, crew] }
      end

      # Jobs that end later where nothing of them is done on a day, each with by how much; told ones too.
      def urgent(way, day, ends, jobs:)
        jobs.each_with_object({}) do |job, found|
          now, later = [day, day + 1].map { |from| @model.free_day(job, ends, from) }
          late = @calendar.days_between(now, later)
          promised = @model.jobs[job].by && later >= @model.jobs[job].by
          next unless late.positive? || way.lead[job].positive? || told?(job, day)

          found[job] = [told?(job, day) ? 0 : 1, promised ? 0 : 1, -late]
        end
      end

      def told?(job, day) = (@told[job] || []).include?(day)

      # A crew's day: the most urgent house first, all that can be done there, then the next, then the shop.
      def row_of(way, row, left, urgent:, taken:)
        row = before_trip(way, row, left, urgent:, taken:)
        loop do
          house = next_house(way, row, left, urgent:, taken:) or break
          row = house
        end
        in_shop(row, row.any? ? left : left.slice(*urgent.keys))
      end

      # Shop steps that let something of today's trip go on: of any house, or all that lead to the first few.
      def before_trip(way, row, left, urgent:, taken:)
        return in_shop(row, left.slice(*urgent.keys)) { |place, now| lets_go?(place, now) } if way.early.zero?

        houses = (urgent.keys - taken).reject { |job| way.shy[[job, row.day]] && !told?(job, row.day) }
        first = houses.sort_by { |job| rank(way, row.crew, job, urgent:) }.first(way.early)
        in_shop(row, left.slice(*first)) { |place, now| leads_out?(place, now) }
      end

      # Shop steps that can be done, one after the other; with a block those alone that it lets.
      def in_shop(row, left)
        shop = left.values.flat_map { |places| places.reject { |place| @model.site?(place) } }
        loop do
          shop -= row.works.keys
          open = block_given? ? shop.select { |place| yield place, row } : shop
          @looks += open.length
          joined = open.filter_map { |place| @rows.with(row, place) }.min_by(&:now) or return row
          row = joined
        end
      end

      # Whether something at a house waits for a shop step alone and could be done today.
      def lets_go?(place, row)
        @model.next(place).any? do |one|
          @model.site?(one) &&
            @model.before(one).all? { |before, after| row.ends[before] || (before == place && !after.wait?) }
        end
      end

      # Whether something at a house could still be done today once this and other shop steps are.
      def leads_out?(place, row)
        @model.after(place).any? { |one| @model.site?(one) && @model.crew.include?(one) && today?(one, row) }
      end

      # Whether nothing but shop steps and hours stand before a step on a day.
      def today?(place, row)
        @model.before(place).all? do |one, after|
          next after.over(row.ends[one], @calendar) < (row.day + 1) * Visits::Calendar::DAY if row.ends[one]

          @model.steps[one].crew? && !@model.site?(one) && after.days.nil? && today?(one, row)
        end
      end

      def next_house(way, row, left, urgent:, taken:)
        houses = left.keys - row.jobs
        houses -= taken unless way.fill
        houses = houses.reject { |job| way.shy[[job, row.day]] && !told?(job, row.day) }
        pressing, others = houses.partition { |job| urgent.key?(job) }
        others = (row.any? && way.fill) ? others.select { |job| near?(way, row, job) } : []
        [pressing, others].each do |jobs|
          jobs.sort_by { |job| rank(way, row.crew, job, urgent:) }.each do |job|
            found = at_house(row, left[job], job)
            return found if found
          end
        end
        nil
      end

      def near?(way, row, job)
        here = row.where.is_a?(Integer) ? row.where : nil
        @model.road(here, job) + @model.road(job, nil) - @model.road(here, nil) <= way.far
      end

      def rank(way, crew, job, urgent:)
        [*(urgent[job] || [2, 2, 0]).first(2), (way.prefers.fetch(job, crew) == crew) ? 0 : 1, -way.weights[job],
          *(urgent[job] || [0]).last(1), job]
      end

      # All that can be done at a house, but for what a later told visit is kept for; nil for nothing.
      def at_house(row, left, job)
        keep = (@told[job] || []).count { |day| day > row.day }
        open = left.select { |place| @model.site?(place) }
        while open.length > keep
          @looks += open.length
          further = open.filter_map { |place| @rows.with(row, place) }.min_by { |one| [one.now, -after(one)] } or break
          row = further
          open.delete(row.works.keys.last)
        end
        row if row.jobs.include?(job)
      end

      # How much comes after the last work of a day.
      def after(row) = @model.after(row.works.keys.last).length
    end
  end
end
