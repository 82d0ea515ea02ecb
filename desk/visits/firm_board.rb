# frozen_string_literal: true

require "date"

module YellowTrack
  module Desk
    # The firm's board as it lies on the desk (handbook 17): the steps of all jobs under way, its crews, what is tried
    # and not kept yet, the board that is kept, and what a change moves.
    class FirmBoard
      MOST = 300 # open steps; of more, those of the first openings are planned
      FIRST = 0.3 # seconds that a page waits for a plan; a longer look comes after it
      LONGER = 4 # seconds of that look
      PLANS = Latest.new(32) # by their file, so that what is shown is what is kept
      LONE = "crew" # the key of the crew of a firm that made none

      # @return [Store::Book]
      attr_reader :book
      # @return [Changes]
      attr_reader :changes

      # @param book [Store::Book]
      # @param changes [Changes] that are tried and not kept yet
      # @param longer [Boolean] whether it is the plan that a longer look found, where it found one
      # @param now [Time]
      def initialize(book, changes = Changes.new, longer: false, now: Time.now)
        @book, @changes, @longer, @now = book, changes, longer, now
      end

      # Whether it is the plan of a longer look.
      def looked_longer? = @longer && !PLANS[[file, :longer]].nil?

      # The board that is kept.
      #
      # @return [Store::Boards::Board, nil]
      def kept
        @kept = book.boards.last unless defined?(@kept)
        @kept
      end

      # @return [CrewHours] of the firm, with the days that are tried
      def hours = @hours ||= CrewHours.new(rules, changes.days(book.crew_days.all))

      # Rules of the house.
      def rules = @rules ||= book.house_rules.all

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

      # Jobs with their openings, as far as a board is planned.
      #
      # @return [Array<Job>]
      def jobs = lots.map(&:first)

      # How many openings wait for those to be done.
      def left_out
        @left_out ||= book.openings.counts(under_way.map(&:id)).values.sum - lots.sum { |_, all| all.length }
      end

      # The crews, with those who are in each on the first day.
      #
      # @return [Array<Crew>]
      def crews = @crews ||= Crew.of(self)

      # @return [Hash{String => String}] what calendars know a job by, to its number
      def ids = @ids ||= jobs.to_h { |job| [job.visiting.short_name, job.id] }

      # Names of the jobs, by what calendars know them by.
      def names = @names ||= jobs.to_h { |job| [job.visiting.short_name, job.name] }

      # Steps of a job in words, what is done in several openings once.
      #
      # @param key [String] what calendars know it by
      # @return [Array<String>]
      def words(key, steps)
        job = jobs.find { |one| one.visiting.short_name == key }
        what = job ? steps(job).to_h { |step| [step["key"], step["what"]] } : {}
        Visits.words(steps) { |step| what[step] }
      end

      # What a job is bound to, with what is tried of it.
      #
      # @return [Store::JobTerms::Terms]
      def terms(job_id) = changes.terms(all_terms.fetch(job_id), crew_ids)

      # What is put where: kept, and tried; "osier-weir-1:D-sand" to a day.
      #
      # @return [Hash{String => String}]
      def put
        @put ||= changes.put(alone.reduce(kept&.asked&.fetch("put", {}) || {}) { |all, job|
          all.merge(job.visiting.kept.asked["put"].transform_keys { |step| "#{job.visiting.short_name}:#{step}" })
        })
      end

      # Jobs whose own plan was kept before any board had them: what was put there counts here.
      #
      # @return [Array<Job>]
      def alone = @alone ||= jobs.select { |job| job.visiting.kept && !job.visiting.kept.asked.key?("board") }

      # Minutes from the yard to a job: as its terms say, as its own plan was kept, else as usual.
      def travel(job)
        terms(job.id).travel || (job.visiting.kept.asked["travel"] if alone.include?(job)) || hours.travel
      end

      # Steps of a job, with what was put where.
      #
      # @return [Array<Hash>]
      def steps(job)
        (@steps ||= {})[job.id] ||= agendas(job).values.flat_map(&:steps)
          .map { |step| placed(step, put["#{job.visiting.short_name}:#{step["key"]}"]) }
      end

      # @return [Hash{String => Agenda}] by the opening's letter
      def agendas(job) = lots.find { |one, _| one.id == job.id }.last

      # Visits that customers were told, from the first day on.
      #
      # @return [Array<Store::ToldVisits::Told>]
      def told = @told ||= book.told_visits.all(from: start.iso8601).select { |one| ids.value?(one.job_id) }

      # The board's file.
      #
      # @return [Hash]
      def file = @file ||= BoardText.new(self).to_h

      # @return [Board]
      # @raise [Faults]
      def board
        @board ||= (@longer && PLANS[[file, :longer]]) ||
          PLANS.fetch(file) { planned(YellowTrack::Visits::Patience.counted(FIRST)) }
      end

      # Looks longer. What it finds stands beside the plan on the page, so that none is kept that nobody saw.
      #
      # @return [Array, nil] what it comes to, where it is better
      # @raise [Faults]
      def look_longer
        better = PLANS.fetch([file, :longer]) { planned(YellowTrack::Visits::Patience.new(LONGER)) }
        better.value if (better.value <=> board.value) == -1
      end

      # Whether a longer look may find a better one.
      def longer?
        faults.empty? && !looked_longer? && !board.proved? && board.value.values_at(0, 2, 3) != board.bound
      end

      # The plan, as its file has it.
      #
      # @return [Hash]
      def plan = @plan ||= board.to_h

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
          made = book.boards.keep(seen:, asked: {"put" => standing}, plan:, who:)
          next unless made

          changes.write(book, crew_ids)
          jobs.each { |job| JobPart.new(self, job).keep!(made.version, who:) }
          @kept = made
        end
      end

      # @return [Hash{String => Integer}] numbers of the crews, by their keys
      def crew_ids = @crew_ids ||= book.crews.all.to_h { |crew| [crew.key, crew.id] }

      private

      def planned(patience) = Files::BoardFile.board(file, patience:)

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

      # Jobs that have openings with steps, each with their agendas, until there are as many steps as a plan is good
      # for.
      def lots
        @lots ||= begin
          open = 0
          under_way.filter_map do |row|
            next if open >= MOST

            job = Job.new(book, row)
            found = job.one_by_one { |one| one.stage == "hand-over" && row.over_at }
              .map { |one| Agenda.new(one, job.figures) }
              .take_while { |agenda| open < MOST && (open += agenda.open_count) }.to_a
            [job, found.to_h { |agenda| [agenda.letter, agenda] }] if found.any?
          end
        end
      end

      def placed(step, day)
        return step if day.nil? || step["ended"]
        return step.merge("not_before" => day) unless step["place"] == "other"

        step.except("days").merge("done" => day)
      end

      # What was put where, of steps that are still to be done.
      def standing
        open = jobs.flat_map { |job|
          steps(job).reject { |step| step["ended"] }.map { |step| "#{job.visiting.short_name}:#{step["key"]}" }
        }
        put.slice(*open)
      end
    end
  end
end
