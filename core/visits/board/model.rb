# frozen_string_literal: true

module YellowTrack
  class Board
    # The steps of all jobs, who may do them and where (handbook 17, "The model"). Steps are told by their numbers,
    # in the order of the file; jobs and crews by theirs.
    class Model < Visits::Model
      # A house: travel from the yard, the day by which it is promised, days that it is shut, told days, who alone
      # works there (a crew's number).
      Job = Struct.new(:key, :name, :place, :travel, :by, :shut, :told, :only, keyword_init: true)

      # @return [Array<Job>]
      attr_reader :jobs
      # @return [Array<Crew>]
      attr_reader :crews

      # @param jobs [Array<Array(Job, Array<Visits::Step>)>]
      # @param crews [Array<Crew>]
      # @param roads [Hash{Array(Integer, Integer) => Integer}] minutes between two jobs
      # @param calendar [Calendar]
      def initialize(jobs, crews:, roads:, calendar:)
        @jobs, @crews = jobs.map(&:first), crews
        @job_of = jobs.each_with_index.flat_map { |(_, steps), place| [place] * steps.length }
        @of_job = jobs.length.times.map { |job| @job_of.each_index.select { |place| @job_of[place] == job } }
        @may = {}
        @ways = shortest(roads)
        @free_starts = {}
        @order_of = @jobs.each_index.map { [] }
        super(jobs.each_with_index.flat_map { |(_, steps), job| steps.map { |step| keyed(step, job) } }, calendar)
      end

      # The job of a step.
      def job_of(place) = @job_of[place]

      # Steps of a job, in the order of the file.
      def of_job(job) = @of_job[job]

      # A step's key, as its job has it.
      def key(place) = steps[place].key.split("/", 2).last

      # Whether a step is done at a house.
      def site?(place) = steps[place].place == "site"

      # Steps of crews that are left, where any of them can begin on a day.
      #
      # @return [Array<Integer>]
      def open_on(day, ends)
        open = crew.select { |place| ends[place].nil? }
        tomorrow = (day + 1) * Visits::Calendar::DAY
        (open.any? { |place| (at = ready(place, ends)) && at < tomorrow }) ? open : []
      end

      # Crews that may do a step.
      #
      # @return [Array<Integer>]
      def may(place)
        @may[place] ||= begin
          only = jobs[job_of(place)].only
          allowed = only ? [only] : crews.each_index.to_a
          enough = allowed.select { |crew| crews[crew].people >= steps[place].hands }
          most = allowed.map { |crew| crews[crew].people }.max
          enough.empty? ? allowed.select { |crew| crews[crew].people == most } : enough
        end
      end

      # Minutes of the shortest road between two places: a job, or nil for the yard.
      def road(from, to) = @ways[from ? from + 1 : 0][to ? to + 1 : 0]

      # The shortest road that leads to a house from anywhere.
      def nearest(job) = (0..jobs.length).filter_map { |place| @ways[place][job + 1] unless place == job + 1 }.min || 0

      # Whether a house is open to us on a day.
      def open?(job, day) = !jobs[job].shut.include?(day)

      # When a step could be done with all crews free, the only one of its day.
      #
      # @return [Array(Integer, Integer)] start and end
      def alone(place, moment)
        @free_starts[[place, moment]] ||= (calendar.day_of(moment)..).each do |day|
          found = may(place).filter_map { |crew| alone_on(place, crew, day, from: moment) }.min
          break found if found
        end
      end

      # When a crew could do a step on a day, the only one of it; nil where it cannot.
      #
      # @return [Array(Integer, Integer), nil]
      def alone_on(place, crew, day, from: day * Visits::Calendar::DAY)
        by = crews[crew]
        return unless by.works?(day)
        return by.work(day, steps[place].minutes, [from, by.opens(day)].max) unless site?(place)

        job = job_of(place)
        return unless open?(job, day)

        there = by.driven(day, road(nil, job), by.opens(day)) or return
        found = by.work(day, steps[place].minutes, [from, there].max)
        found if found && by.driven(day, road(job, nil), found.last)
      end

      # Whether any crew can ever do a step within a day.
      def fits?(place)
        may(place).any? do |crew|
          way = site?(place) ? 2 * road(nil, job_of(place)) : 0
          crews[crew].full_day >= steps[place].minutes + way
        end
      end

      # The last end of each job; nil for one with nothing left.
      #
      # @return [Array<Integer, nil>] moments
      def job_ends(ends)
        @of_job.map do |places|
          places.reject { |place| steps[place].ended }.map { |place| ends[place] }.compact.max
        end
      end

      # The day of a job's last end, with all crews free for all of it from a day on.
      #
      # @return [Integer]
      def free_day(job, ends, day)
        ahead, from = {}, day * Visits::Calendar::DAY
        last = @order_of[job].filter_map { |place|
          next if steps[place].ended

          ends[place] || (ahead[place] = ahead_of(place, ends, ahead, from:))
        }.max
        calendar.day_of(last)
      end

      # Jobs that end after their promise, and fixed dates missed.
      def broken(ends)
        late = job_ends(ends).each_with_index.count do |moment, job|
          moment && jobs[job].by && calendar.day_of(moment) > jobs[job].by
        end
        late + missed(ends)
      end

      # Sum of the numbers of the jobs' ends.
      def ends_sum(ends) = job_ends(ends).compact.sum { |moment| calendar.number(calendar.day_of(moment)) }

      private

      def sorted = super.each { |place| @order_of[@job_of[place]] << place }

      # The end of a step with all crews free, by ends and by those that lie ahead.
      def ahead_of(place, ends, ahead, from:)
        step, ready = steps[place], [(steps[place].not_before || 0) * Visits::Calendar::DAY, 0].max
        before(place).each do |one, after|
          over = after.over(ends[one] || ahead.fetch(one), calendar)
          ready = over if over > ready
        end
        step.crew? ? alone(place, [ready, from].max).last : come_by(step, ready).end
      end

      def keyed(step, job)
        step.dup.tap do |one|
          one.key = "#{job}/#{step.key}"
          one.after = step.after.map { |after| after.dup.tap { |same| same.key = "#{job}/#{after.key}" } }
        end
      end

      def free_end(place, ends, day)
        return others(place, ends).end unless steps[place].crew?

        alone(place, [ready(place, ends), day * Visits::Calendar::DAY].max).last
      end

      # Between all places, the yard first, over others too.
      def shortest(roads)
        travels = jobs.map(&:travel)
        ways = Array.new(jobs.length + 1) do |one|
          Array.new(jobs.length + 1) { |other| direct(one, other, travels, roads:) }
        end
        all = (0..jobs.length).to_a
        all.product(all, all) do |by, one, other|
          ways[one][other] = [ways[one][other], ways[one][by] + ways[by][other]].min
        end
        ways
      end

      def direct(one, other, travels, roads:)
        return 0 if one == other
        return travels[[one, other].max - 1] if one.zero? || other.zero?

        roads[[one - 1, other - 1].minmax] || [travels[one - 1], travels[other - 1]].max
      end
    end
  end
end
