# frozen_string_literal: true

module YellowTrack
  class Board
    # What is to be minded of a board's plan (handbook 17).
    class Checks
      IDLE = 60 # minutes of a crew's clock between two legs

      # A check with the day, the job and the crew that it concerns; nil for what it does not.
      Found = Struct.new(:check, :day, :job, :crew)

      # @param board [Board]
      def initialize(board)
        @board, @model, @calendar = board, board.model, board.model.calendar
      end

      # @return [Array<Found>]
      def found = [*promises, *late, *told, *slips, *hands, *idle, *bound]

      private

      def check(code, level, says, cure:, day: nil, job: nil, crew: nil)
        Found.new(Check.new(code: "board.#{code}", level:, says:, do: cure).freeze, day, job, crew)
      end

      def name(job) = @model.jobs[job].name

      def last_days = @last_days ||= @model.job_ends(@board.ends).map { |moment| moment && @calendar.day_of(moment) }

      def promises
        @model.jobs.each_index.select { |job| last_days[job] && (by = @model.jobs[job].by) && last_days[job] > by }
          .map do |job|
          day = last_days[job]
          check("promise", :stop, "#{name(job)} ends after #{@calendar.date(@model.jobs[job].by)}.", day:, job:,
            cure: "Promise #{@calendar.date(day)}, or give the job to another crew.")
        end
      end

      def late
        @model.steps.each_index
          .select { |place| @model.steps[place].fixed? && @model.others(place, @board.ends).missed }
          .map do |place|
          day = @calendar.day_of(@model.others(place, @board.ends).start)
          check("late", :stop, "What #{@model.key(place)} waits for is not over by then.", day:,
            job: @model.job_of(place), cure: "Ask for #{@calendar.date(day)}.")
        end
      end

      def told
        visited = @board.rows.flat_map { |row| row.jobs.map { |job| [job, row.day] } }
        (@board.told - visited).map do |job, day|
          check("told", :watch, "#{name(job)} was told this day, and nobody comes.", day:, job:,
            cure: "Tell the customer.")
        end
      end

      def slips
        return [] unless @board.was

        @model.jobs.each_index.filter_map do |job|
          was, now = @board.was.end_of(@model.jobs[job].key), last_days[job]
          next unless was && now && @calendar.days_between(was, now).positive?

          days = Count.told(@calendar.days_between(was, now), "working days")
          check("slip", :watch, "#{name(job)} ends #{days} later " \
            "than planned.", day: now, job:, cure: "Tell the customer.")
        end
      end

      def hands
        @board.rows.flat_map do |row|
          people = @model.crews[row.crew].people
          more = row.works.keys.select { |place| @model.steps[place].hands > people }
          more.group_by { |place| @model.job_of(place) }.map do |job, places|
            most = places.map { |place| @model.steps[place].hands }.max
            check("hands", :watch, "#{most} hands, and the crew has #{people}.", day: row.day, job:, crew: row.crew,
              cure: "A helper for that day.")
          end
        end
      end

      def idle
        @board.rows.select { |row| idle?(row) }.map do |row|
          check("idle", :note, "Over an hour with nothing to do between two works.", day: row.day, crew: row.crew,
            cure: "Other work for the gap, or another day.")
        end
      end

      def idle?(row)
        crew = @model.crews[row.crew]
        @board.legs(row).each_cons(2).any? { |one, other| crew.between(row.day, one.to, other.from) > IDLE }
      end

      def bound
        return [] if @board.proved?

        value, least = @board.value, @board.bound
        [check("bound", :note, "Not proved the best: the ends come to #{value[2]}, no plan to under #{least[1]}; " \
          "crew days #{value[3]}, at least #{least[2]}.",
          cure: "Plan again with fewer jobs to see whether a better one is left.")]
      end
    end
  end
end
