# frozen_string_literal: true

module YellowTrack
  class Board
    # What no plan comes under (handbook 17, "The bound").
    class Bound
      DAY = Visits::Calendar::DAY

      # @param model [Model]
      def initialize(model)
        @model = model
        @start = model.beginning
        @free = model.free(@start)
      end

      # @return [Array(Integer, Integer, Integer)] broken, ends, days
      def least = [@model.broken(@free), ends, days]

      private

      def calendar = @model.calendar

      def open = @open ||= @model.jobs.each_index.select { |job| @model.job_ends(@free)[job] }

      def ends
        by_job = @model.job_ends(@free)
        sorted = open.map { |job| calendar.day_of(by_job[job]) }.sort
        from = ready_days.map { |day| together(day) }
        sorted.each_with_index.sum { |day, place| calendar.number([day, *from.map { |days| days[place] || 0 }].max) }
      end

      # When each step of a crew could begin with all crews free, by day.
      def ready = @ready ||= @model.crew.to_h { |place| [place, calendar.day_of(@model.ready(place, @free))] }

      def ready_days = ready.values.uniq

      # For each k the day by which all clocks together hold the k smallest works from a day on.
      def together(day)
        works = open.map { |job| work(job, day) }.sort
        sum = 0
        works.map do |minutes|
          sum += minutes
          sum.zero? ? 0 : held(day, sum)
        end
      end

      # A job's work in steps whose waits are over no earlier than a day.
      def work(job, day)
        places = @model.of_job(job).select { |place| ready[place] && ready[place] >= day }
        minutes = places.sum { |place| @model.steps[place].minutes }
        minutes + ((places.any? { |place| @model.site?(place) }) ? @model.nearest(job) : 0)
      end

      def held(day, minutes)
        left = minutes
        (day..).each do |one|
          left -= @model.crews.sum { |crew| crew.minutes(one) }
          return one if left <= 0
        end
      end

      def days
        return 0 if @model.crew.empty?

        minutes = @model.crew.sum { |place| @model.steps[place].minutes }
        apart = Apart.new(@model)
        longest = @model.jobs.each_index.map { |job| apart.days(job) }.max
        [longest, (minutes / @model.crews.map(&:full_day).max.to_f).ceil].max
      end
    end
  end
end
