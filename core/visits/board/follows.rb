# frozen_string_literal: true

module YellowTrack
  class Board
    # What follows from a board's plan for its jobs (handbook 17): by how much each step could be put off, what holds a
    # job's end, what is waited for.
    class Follows
      include Visits::Chain::Back

      LONG = 120 # minutes of a wait that is told

      # @param board [Board]
      def initialize(board)
        @model = board.model
        @ends = board.ends
        @crew = board.rows.flat_map { |row| row.works.map { |place, (start, _)| [place, [row.crew, start]] } }.to_h
        @start = @model.beginning
        @last = @model.job_ends(@ends)
      end

      # The crew of a step; nil for others and what is over.
      def crew(place) = @crew[place]&.first

      # When a step begins; nil for one that was over before.
      def start(place)
        return if @model.steps[place].ended

        @crew[place]&.last || @model.others(place, @ends).start
      end

      # Working days by which a step could be put off.
      #
      # @return [Integer, nil] nil of fixed dates and of what is over
      def slack(place)
        step = @model.steps[place]
        return if step.ended || step.fixed?

        first, last = calendar.day_of(start(place)), calendar.day_of(@last[@model.job_of(place)])
        days = (first + 1..last).select { |day| calendar.working?(day) }
        (days.rindex { |day| (over = put_off(place, day)) && holds?(place, over) } || -1) + 1
      end

      # What holds a job's end, without a gap: place, by, from, to.
      #
      # @return [Array<Visits::Chain::Stretch>]
      def chain(job)
        back_from(@model.of_job(job).reject { |one| @model.steps[one].ended }.find { |one| @ends[one] == @last[job] })
      end

      # Waits of a job: after, before, from, to.
      #
      # @return [Array<Array(Integer, Integer, Integer, Integer)>]
      def waits(job)
        @model.of_job(job).flat_map { |place| own_wait(place) + waits_before(place) }
          .select { |_, _, from, to| to - from > LONG && to > calendar.morning(0) }
      end

      private

      def calendar = @model.calendar

      # When a step would be over, put off to a day's first moment; nil where nobody may do it then.
      def put_off(place, day)
        step = @model.steps[place]
        return calendar.evening(calendar.working_after(day, step.days - 1)) unless step.crew?

        @model.may(place).filter_map { |crew| @model.alone_on(place, crew, day) }.min&.last
      end

      # Nothing of the job ends later than it does, and no fixed date is later.
      def holds?(place, over)
        later, open = @ends.dup, @model.after(place).reject { |one| @model.steps[one].ended }
        open.each { |one| later[one] = nil }
        later[place] = over
        later = @model.free(later, open:)
        last = calendar.day_of(@last[@model.job_of(place)])
        [place, *open].all? do |one|
          calendar.day_of(later[one]) <= last && !(@model.steps[one].fixed? && later[one] > @ends[one])
        end
      end

      def own(place)
        Visits::Chain::Stretch.new(place, @model.steps[place].crew? ? "work" : "other", start(place), @ends[place])
      end

      def kept?(place) = @model.steps[place].fixed? && !@model.others(place, @ends).missed

      # The one over last of its waits, its not_before and the start; of equals a wait, the first of them.
      def holder(place)
        waits = @model.before(place).map do |one, after|
          Visits::Chain::Held.new(one, @ends[one], after.over(@ends[one], calendar))
        end
        days = [@model.steps[place].not_before, 0].compact.map do |day|
          Visits::Chain::Held.new(nil, calendar.morning(day), calendar.morning(day))
        end
        all = [*waits, *days]
        last = all.map(&:over).max
        all.find { |one| one.over == last }
      end

      def between(place, held)
        begun = start(place)
        could = could(place, held.over)
        over, opens = [held.over, begun].min, [could, begun].min
        [Visits::Chain::Stretch.new(place, "wait", held.ends, over),
          Visits::Chain::Stretch.new(place, "closed", over, opens),
          Visits::Chain::Stretch.new(place, "held", opens, begun)].select { |one| one.to > one.from }
      end

      # From when it could have begun with all crews free.
      def could(place, moment)
        return calendar.morning(calendar.morning_from(moment)) unless @model.steps[place].crew?

        @model.alone(place, moment).first
      end

      def own_wait(place)
        step = @model.steps[place]
        (step.others? && step.days) ? [[place, nil, start(place), @ends[place]]] : []
      end

      def waits_before(place)
        return [] if @model.steps[place].ended

        @model.before(place).select { |_, after| after.wait? }
          .map { |one, after| [one, place, @ends[one], after.over(@ends[one], calendar)] }
      end
    end
  end
end
