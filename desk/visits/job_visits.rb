# frozen_string_literal: true

require "date"

module YellowTrack
  module Desk
    # The visits of a job as they lie on the desk (handbook 14): its openings' steps on the
    # crew's days, what was put where, the plan that is kept, and what a change moves.
    class JobVisits
      LARGE = 30 # openings; of a job with more, the first are planned
      MOST = 300 # steps of those
      FIRST = 0.2 # seconds' looks that a page takes for a plan; a longer look comes after it
      PLANS = Latest.new(64) # by their work, so that what is shown is what is kept

      # @return [Job]
      attr_reader :job
      # @return [Changes]
      attr_reader :changes

      # @param job [Job]
      # @param changes [Changes] that are tried and not kept yet
      # @param now [Time]
      def initialize(job, changes = Changes.new, now: Time.now)
        @job, @changes, @now = job, changes, now
      end

      # The book that it is kept in.
      def book = job.book

      # @return [Store::Plans::Plan, nil]
      def kept
        @kept = book.plans.find(job.id) unless defined?(@kept)
        @kept
      end

      # @return [CrewHours] with the days that are tried
      def hours = @hours ||= CrewHours.new(rules, changes.days(book.crew_days.all))

      # What is put where: kept, and tried.
      #
      # @return [Hash{String => String}]
      def put = @put ||= changes.put(kept&.asked&.fetch("put", {}) || {})

      # Minutes of the way to this job's site.
      def travel = changes.travel || kept&.asked&.fetch("travel", nil) || hours.travel

      # How many go: one less while a colleague is ill.
      def crew = changes.crew || kept&.asked&.fetch("crew", nil) || hours.crew

      # The day from which it is planned: today while there is something left of it.
      def start
        busy = kept && kept.plan["days"].include?(today.iso8601)
        late = minute >= (busy ? hours.to : hours.from)
        late ? today + 1 : today
      end

      # The day that it is looked at.
      def today = @now.to_date

      # Openings that are planned: of a large job the first that are not handed over.
      #
      # @return [Array<Opening>]
      def openings = near.map(&:first)

      # How many openings wait for those to be done.
      def left_out = large? ? job.count - openings.length : 0

      # @return [Hash{String => Agenda}] by the opening's letter
      def agendas = @agendas ||= near.to_h { |one, agenda| [one.letter, agenda] }

      # @return [Array<Hash>] steps of all openings, with what was put where
      def steps = @steps ||= agendas.values.flat_map(&:steps).map { |step| placed(step) }

      # The work file of the job.
      #
      # @return [Hash]
      def work
        {"format" => "yellow-track/work", "version" => 1, "name" => job.name, "job" => short_name,
         "start" => start.iso8601, **hours.to_h, "crew" => crew, "off" => hours.shut(start), "away" => away,
         "travel" => travel, "steps" => steps, "was" => kept&.plan}.compact
      end

      # @return [Visits]
      # @raise [Faults] what cannot be planned, each named by its step
      def plan = @plan ||= PLANS.fetch(work) { Files::WorkFile.visits(work, patience: Visits::Patience.counted(FIRST)) }

      # Whether a longer look may find a better plan than a page's first.
      def longer? = !boarded? && faults.empty? && plan.longer?

      # Looks longer; what it finds is the plan from then on.
      #
      # @return [Boolean] whether it is another one
      # @raise [Faults]
      def look_longer!
        before = result
        PLANS[work] = @plan = Files::WorkFile.visits(work)
        @result = nil
        result["steps"] != before["steps"]
      end

      # Whether the job hangs on the firm's board as it is kept: its plan is its part of that.
      def boarded? = !changes.any? && !kept&.asked&.fetch("board", nil).nil?

      # @return [Hash] the visits file
      def result = @result ||= boarded? ? OnBoard.new(self).to_h : plan.to_h

      # What cannot be planned.
      #
      # @return [Array<Fault>]
      def faults
        @faults ||= begin
          plan unless boarded?
          []
        rescue Faults => e
          e.list
        end
      end

      # Visits that are planned; those kept, where nothing can be planned.
      def coming = faults.empty? ? result["visits"].length : kept&.plan&.fetch("visits", [])&.length || 0

      # Whether it is another plan than the one that is kept.
      def changed?
        return false if boarded?

        kept.nil? || changes.any? || result.fetch("moved", []).any? || (result["visits"] - kept.plan["visits"]).any?
      end

      # Steps that could not be put where they were asked for: each with its day and the
      # reason.
      #
      # @return [Array<Unmet>]
      def unmet = boarded? ? [] : Unmet.of(self)

      # Days of other jobs on which the crew is there.
      #
      # @return [Array<String>]
      def elsewhere = @elsewhere ||= book.plans.days(but: job.id, from: start.iso8601)

      # Keeps the plan as it is tried.
      #
      # @param seen [Integer] the version of the kept one on the screen, 0 for none
      # @return [Store::Plans::Plan, nil] nil where another was kept meanwhile
      # @raise [Faults]
      def keep!(seen:, who:)
        book.transaction do
          made = book.plans.keep(job.id, seen:, asked:, plan: result, gone:, who:)
          next unless made

          changes.crew_days.each { |day, how| book.crew_days.set(day, how) }
          DueVisits.new(self).write
          made
        end
      end

      # Ticks a step that no other stage ticks, or takes that back.
      #
      # @param key [String] "D-order"
      # @raise [Fault] for a step that there is not
      def tick!(key, done, who:)
        letter, step = key.split("-", 2)
        opening = openings.find { |one| one.letter == letter }
        unless opening && agendas.fetch(letter).row(key)
          raise Fault.new("There is no step \"#{key}\" in this job any more. Load the page again.", key: "step")
        end

        book.dues.settle(job.id, letter) { |says| says["key"] == key } if done
        before = opening.record.latest("time")[step]&.after
        opening.note({kind: "time", key: step, before:, after: done || nil}, who:) unless before == (done || nil)
      end

      # What calendars know the job by.
      def short_name = "#{job.name.downcase.gsub(/[^a-z0-9]+/, "-").gsub(/\A-|-\z/, "")}-#{job.id}"

      private

      def asked
        {"put" => standing, "travel" => travel, "crew" => crew, "steps" => Calendars.steps(steps),
         "looks" => Calendars.looks(self, result["look_backs"])}
      end

      def rules = job.rules

      def large? = job.count > LARGE

      # Openings with their steps, until there are as many as a plan is good for.
      def near
        @near ||= begin
          open = 0
          job.one_by_one { |row| large? && row.stage == "hand-over" }
            .map { |one| [one, Agenda.new(one, job.figures)] }
            .take_while { |_, agenda| !large? || (open += agenda.open_count) <= MOST }.to_a
        end
      end

      def minute = @now.hour * 60 + @now.min

      def away = (hours.days("away") + elsewhere).uniq.sort

      def placed(step)
        day = put[step["key"]]
        return step if day.nil? || step["ended"]
        return step.merge("not_before" => day) unless step["place"] == "other"

        step.except("days").merge("done" => day)
      end

      # What was put where, of steps that are still to be done.
      def standing = put.slice(*steps.reject { |step| step["ended"] }.map { |step| step["key"] })

      def gone = Calendars.gone(kept, result["visits"], from: start)
    end
  end
end
