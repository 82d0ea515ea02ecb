# frozen_string_literal: true

require "date"
require "forwardable"

module YellowTrack
  module Desk
    # The firm's board as it lies on the desk (handbook 17): the steps of all jobs under way, its crews, what is tried
    # and not kept yet, the board that is kept, and what a change moves.
    class FirmBoard
      extend Forwardable

      MOST = 300 # open steps; of more, those of the first openings are planned
      FIRST = 0.3 # seconds that a page waits for a plan; a longer look comes after it
      LONGER = 4 # seconds of that look
      PLANS = Latest.new(32) # by their file, so that what is shown is what is kept
      LONE = "crew" # the key of the crew of a firm that made none

      # @return [Store::Book]
      attr_reader :book
      # @return [Changes]
      attr_reader :changes

      # What it is planned of, what of it is put where, and the plan.
      def_delegators :lots, :jobs, :agendas, :ids, :name, :alone
      def_delegators :placing, :steps
      def_delegators :look, :file, :board, :plan
      def_delegator :look, :better, :look_longer
      def_delegator :look, :longer?, :looked_longer?

      # @param book [Store::Book]
      # @param changes [Changes] that are tried and not kept yet
      # @param longer [Boolean] whether it is the plan that a longer look found, where it found one
      # @param now [Time]
      def initialize(book, changes = Changes.new, longer: false, now: Time.now)
        @book, @changes, @longer, @now = book, changes, longer, now
      end

      # The board that is kept.
      #
      # @return [Store::Boards::Board, nil]
      def kept
        @kept = book.boards.last unless defined?(@kept)
        @kept
      end

      # @return [CrewHours] of the firm, with the days that are tried
      def hours = @hours ||= CrewHours.new(book.house_rules.all, changes.days(book.crew_days.all))

      # The day that it is looked at.
      def today = @now.to_date

      # The moment that it is looked at, as plans have it.
      def moment = @now.strftime("%Y-%m-%dT%H:%M")

      # The day from which it is planned: today while there is something left of it.
      def start
        minute = @now.hour * 60 + @now.min
        busy = kept && kept.plan["days"].any? { |day| day["date"] == today.iso8601 }
        if minute >= (busy ? hours.to : hours.from)
          today + 1
        else
          today
        end
      end

      # How many openings wait for those to be done.
      def left_out = book.openings.counts(under_way.map(&:id)).values.sum - lots.openings

      # The crews, with those who are in each on the first day.
      #
      # @return [Array<Crew>]
      def crews = @crews ||= Crew.of(self)

      # Steps of a job in words, what is done in several openings once.
      #
      # @param key [String] what calendars know it by
      # @return [Array<String>]
      def words(key, steps)
        job = lots.job(key)
        what = job ? steps(job).to_h { |step| [step["key"], step["what"]] } : {}
        Visits.words(steps) { |step| what[step] }
      end

      # What a job is bound to, with what is tried of it.
      #
      # @return [Store::JobTerms::Terms]
      def terms(job_id) = changes.terms(all_terms.fetch(job_id), crew_ids)

      # Minutes from the yard to a job: as its terms say, as its own plan was kept, else as usual.
      def travel(job)
        terms(job.id).travel || (job.visiting.kept.asked["travel"] if alone.include?(job)) || hours.travel
      end

      # Visits that customers were told, from the first day on.
      #
      # @return [Array<Store::ToldVisits::Told>]
      def told = @told ||= book.told_visits.all(from: start.iso8601).select { |one| ids.value?(one.job_id) }

      # Whether a longer look may find a better one.
      def longer? = faults.empty? && look.open?

      # What cannot be planned.
      #
      # @return [Array<Fault>]
      def faults
        @faults ||= begin
          board unless nothing? || nobodys.any?
          nobodys
        rescue Faults => e
          e.list
        end
      end

      # Whether no job has a step left.
      def nothing? = jobs.all? { |job| steps(job).all? { |step| step["ended"] } }

      # Keeps the board as it is tried, each job's part of it, and what is due.
      #
      # @param seen [Integer] the version of the kept one on the screen, 0 for none
      # @return [Store::Boards::Board, nil] nil where another was kept meanwhile
      # @raise [Faults]
      def keep!(seen:, who:)
        book.transaction do
          made = book.boards.keep(seen:, asked: {"put" => placing.standing}, plan:, who:)
          next unless made

          changes.write(book, crew_ids)
          jobs.each { |job| JobPart.new(self, job).keep!(made.version, who:) }
          @kept = made
        end
      end

      # @return [Hash{String => Integer}] numbers of the crews, by their keys
      def crew_ids = @crew_ids ||= book.crews.all.to_h { |crew| [crew.key, crew.id] }

      private

      # Jobs that are a crew's alone in which nobody is.
      def nobodys
        there = crews.map(&:id)
        jobs.filter_map do |job|
          crew = terms(job.id).crew_id or next
          next if there.include?(crew)

          Fault.new("#{job.name} is for #{book.crews.find(crew).name} alone, and nobody is in that crew. Put " \
            "somebody in it, or give the job to another.", key: "only.#{job.visiting.short_name}")
        end
      end

      def under_way = @under_way ||= book.jobs.under_way

      def all_terms = @all_terms ||= book.job_terms.all(under_way.map(&:id))

      def lots
        @lots ||= Lots.new(under_way.map { |row| Job.new(book, row) }) { |job, one|
          one.stage == "hand-over" && job.row.over_at
        }
      end

      def placing = @placing ||= Placing.new(lots, changes, kept)

      def look = @look ||= Look.new(BoardText.new(self).to_h, longer: @longer)
    end
  end
end
