# frozen_string_literal: true

module YellowTrack
  class Board
    # The best rows of works for few steps, date by date (handbook 17): of two beginnings with the same steps left, one
    # is out that is no better so far, in when any step left may begin, and in the ends of the jobs under way.
    class Search
      MOST = 10 # crew steps
      JOBS, CREWS = 3, 3

      # A beginning: rows so far, ends, told visits missed, what it has cost.
      State = Struct.new(:rows, :ends, :unkept, :cost)

      # The best plan so far: its rows, what it comes to, and whether the search itself came to it.
      Best = Struct.new(:rows, :value, :own)

      # Whether a board is small enough to be searched through.
      def self.small?(model)
        model.crew.length <= MOST && model.jobs.length <= JOBS && model.crews.length <= CREWS
      end

      # @param model [Model]
      # @param value [Value]
      def initialize(model, value)
        @model, @value = model, value
        @rows = Rows.new(model)
      end

      # The best rows, as good as those given or better.
      #
      # @param known [Array<Row>] a plan that is there already
      # @return [Array<Row>]
      def best(known)
        @best = Best.new(known, @value.of(known), false)
        states = [State.new([], @model.beginning, 0, [0, 0, 0, []])]
        day = 0
        until states.empty?
          states = following(states, day)
          day += 1
        end
        @best.rows
      end

      private

      def calendar = @model.calendar

      # Beginnings once a day is over.
      def following(states, day)
        further = states.flat_map { |state| days(state, day) }
        open = further.reject { |state| done?(state) && settle(state) }
        undominated(open.select { |state| promising?(state, day + 1) })
      end

      def done?(state) = @model.crew.all? { |place| state.ends[place] }

      # A whole plan: kept where it is better than the best; of equals the first that the search itself comes to, so
      # that what was found before it, and how long that took, says nothing.
      def settle(state)
        value = @value.of(state.rows)
        better = value <=> @best.value
        @best = Best.new(state.rows, value, true) if better.negative? || (better.zero? && !@best.own)
        true
      end

      # Every way that a day can go: each crew's row, or none.
      def days(state, day)
        open = @model.open_on(day, state.ends)
        rows = open.empty? ? [[]] : laid(state.ends, day, open, crews: @model.crews.each_index.to_a)
        rows.select { |all| full?(all, open, day) }.map { |all| went(state, day, all) }
      end

      def laid(ends, day, open, crews:)
        crew, *rest = crews
        return [[]] unless crew

        [*@rows.all(crew, day, ends, open:), nil].flat_map do |row|
          laid(ends, day, open - (row ? row.works.keys : []), crews: rest).map { |others| [row].compact + others }
        end
      end

      # No day is closed while a step that nobody has could join at its end without a further road, unless its house has
      # a later told visit.
      def full?(all, open, day)
        left = open - all.flat_map { |row| row.works.keys }
        all.none? do |row|
          @rows.left(row, left).any? do |place|
            !@model.site?(place) || @value.told.none? { |job, told| job == @model.job_of(place) && told > day }
          end
        end
      end

      def went(state, day, all)
        ends = state.ends.dup
        all.each { |row| row.works.each { |place, (_, over)| ends[place] = over } }
        visited = all.flat_map(&:jobs)
        missed = @value.told.count { |job, told| told == day && !visited.include?(job) }
        days, road, visits, dates = state.cost
        State.new([*state.rows, *all], @model.come(ends), state.unkept + missed,
          [days + all.length, road + all.sum(&:road), visits + visited.length, dates + [day] * visited.length])
      end

      # Whether it can still become better than the best.
      def promising?(state, day)
        free = @model.free(state.ends, day)
        least = [@model.broken(free), state.unkept, @model.ends_sum(free), state.cost.first + (done?(state) ? 0 : 1)]
        (least <=> @best.value.first(4)) < 1
      end

      def undominated(states)
        states.group_by { |state| state.ends.map(&:nil?) }.flat_map do |_, same|
          next same if same.one?

          told = same.map { |state| [so_far(state), readiness(state), state] }.sort_by(&:first)
          told.each_with_object([]) { |one, kept| kept << one unless kept.any? { |other| no_worse?(other, one) } }
            .map(&:last)
        end
      end

      def no_worse?(one, other) = (one[0] <=> other[0]) < 1 && one[1].zip(other[1]).all? { |mine, its| mine <= its }

      # What is settled: broken and ends of jobs that are over, told visits missed, the cost.
      def so_far(state)
        over = @model.jobs.each_index.select { |job| @model.of_job(job).all? { |place| state.ends[place] } }
        ends = @model.job_ends(state.ends)
        late = over.count do |job|
          ends[job] && @model.jobs[job].by && calendar.day_of(ends[job]) > @model.jobs[job].by
        end
        sum = over.sum { |job| ends[job] ? calendar.number(calendar.day_of(ends[job])) : 0 }
        [late, state.unkept, sum, *state.cost]
      end

      # When each step that is left may begin by what is over before it, and where jobs under way stand.
      def readiness(state)
        open = @model.steps.each_index.reject { |place| state.ends[place] }
        by_step = open.map do |place|
          @model.before(place).filter_map { |one, after|
            state.ends[one] && after.over(state.ends[one], calendar)
          }.max || 0
        end
        [*by_step, *@model.job_ends(state.ends).map { |moment| moment || 0 }]
      end
    end
  end
end
