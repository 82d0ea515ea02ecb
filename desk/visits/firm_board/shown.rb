# frozen_string_literal: true

require "forwardable"

module YellowTrack
  module Desk
    class FirmBoard
      # A board's plan with its words: names of houses and crews, what steps are. Of a kept board they are as they were
      # kept, so that nothing has to be worked out to show it.
      class Shown
        extend Forwardable

        # A visit with its words: visit, of the plan; job_id; job and crew, names; people; words, of its steps; leave,
        # when the road to it begins.
        Visit = Struct.new(:visit, :job_id, :job, :crew, :people, :words, :leave, keyword_init: true) do
          # Its day, ISO.
          def date = visit["date"]

          # What calendars know it by.
          def uid = visit["uid"]

          # From when to when: "8:10–14:00".
          def times = [visit["arrive"], visit["depart"]].map { |at| Shown.clock(at) }.join("–")
        end

        # A moment's time of the day: "7:30".
        def self.clock(moment) = moment[11, 5].delete_prefix("0")

        # When the road that leads to a visit begins.
        #
        # @param plan [Hash] of the board
        # @param visit [Hash] of it
        # @return [String] a moment
        def self.leave(plan, visit)
          day = plan["days"].find { |one| one.values_at("date", "crew") == visit.values_at("date", "crew") }
          road = day["legs"].find { |leg| leg["is"] == "road" && leg["job"] == visit["job"] }
          road ? road["from"] : visit["arrive"]
        end

        # @return [Hash] the board's plan
        attr_reader :plan

        # The number of a job and its name, the name of a crew, those of a crew, keys of all crews.
        def_delegators :@names, :id, :job, :crew, :people, :crew_keys

        # @param book [Store::Book]
        # @param plan [Hash]
        # @param firm [FirmBoard] whose plan it is, or that it is kept of
        # @param tried [Boolean] whether its words are those of the board as it is tried
        def initialize(book, plan, firm:, tried: false)
          @plan, @names = plan, Names.new(book, plan, firm)
          @steps = tried ? tried_steps(firm) : kept_steps(book)
        end

        # Visits from a day on.
        #
        # @param from [String] ISO
        # @return [Array<Visit>]
        def visits(from: "") = all_visits.select { |one| one.date >= from }

        # @return [Visit, nil]
        def find(uid) = all_visits.find { |one| one.uid == uid }

        # What a step is, in words.
        def what(key, step) = @steps[key].dig(step, "what") || step.split("-", 2).last

        # Steps in words, what is done in several openings once.
        def words(key, steps) = Visits.words(steps) { |step| what(key, step) }

        # A crew's day; nil for none.
        def day(date, crew) = @plan["days"].find { |one| one["date"] == date && one["crew"] == crew }

        # Days with shop work alone, by the crew's key.
        #
        # @return [Hash{String => Array<String>}]
        def shop_days
          @plan["days"].reject { |day| day["legs"].any? { |leg| leg["is"] == "site" } }
            .group_by { |day| day["crew"] }.transform_values { |days| days.map { |day| day["date"] } }
        end

        private

        # Steps by the key of their job, of a board as it is tried.
        def tried_steps(firm)
          Hash.new do |all, key|
            all[key] = JobVisits::Calendars.steps(firm.steps(firm.jobs.find { |job| job.id == id(key) }))
          end
        end

        # As each job's plan was kept; asked for all of them at once.
        def kept_steps(book)
          asked = nil
          Hash.new do |all, key|
            asked ||= book.plans.asked(@names.ids)
            all[key] = asked.fetch(id(key), {})["steps"] || {}
          end
        end

        def all_visits
          @all_visits ||= @plan["visits"].map do |visit|
            key = visit["job"]
            Visit.new(visit:, job_id: id(key), job: job(key), crew: crew(visit["crew"]), people: people(visit["crew"]),
              words: words(key, visit["steps"]), leave: Shown.leave(plan, visit))
          end
        end
      end
    end
  end
end
