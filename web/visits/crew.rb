# frozen_string_literal: true

require "date"

module YellowTrack
  module Web
    module Visits
      # The visits of every job on one track: the crew is in one place at a time. It reads
      # kept plans and works out none.
      class Crew < Web::Screen
        SHOWN = 60 # days, at most
        JOBS = 40 # listed at once

        # @param base [String] of the address that calendars read
        def initialize(book, base:, **rest)
          super(book, **rest)
          @base = base
        end

        # The template that it is drawn with.
        def template = "visits/crew"

        # What stands in the window's own line.
        def title = "Visits"

        # @return [Array<Store::Plans::Plan>] of jobs with visits still to come
        def plans = @plans ||= book.plans.all(from: today)

        # Names of the jobs, by their numbers.
        def names = @names ||= book.jobs.names(plans.map(&:job_id))

        # Days on which two jobs want the crew: the day, the names.
        #
        # @return [Hash{String => Array<String>}]
        def clashes
          @clashes ||= plans.flat_map { |one| one.plan["days"].select { |day| day >= today }.map { |day| [day, one] } }
            .group_by(&:first).select { |_, list| list.length > 1 }
            .transform_values { |list| list.map { |_, one| names[one.job_id] } }
        end

        # All visits along the track.
        def drawing = Drawing::VisitTrack.new(days, panels:, today: Date.today)

        # Jobs that have no plan yet.
        #
        # @return [Array<Store::Jobs::Job>]
        def unplanned
          @unplanned ||= begin
            jobs = book.jobs.all(most: JOBS)
            planned = book.plans.planned(jobs.map(&:id))
            jobs.reject { |job| planned.include?(job.id) }
          end
        end

        # The address is for fitters and the office alone.
        def feed? = visitor.role != "learner"

        # The key of the address that calendars read; nil where there is none.
        def feed = book.feeds.token

        # Which address there is, so that a press on another page ends none unseen.
        def feed_mark = book.feeds.mark

        # The whole address.
        def feed_address = "#{@base}#{Paths.feed(feed)}"

        # What is to be done next; nil for nothing.
        def next_sentence
          day, = clashes.min
          if day
            return "The crew is wanted twice on #{Date.iso8601(day).strftime("%-d %B")}: plan one of the jobs again."
          end
          return "Plan the visits of #{unplanned.first.name}." if visits.empty? && unplanned.any?

          visits.empty? ? "No visit is planned." : "#{names[visits.first.first.job_id]} on " \
            "#{Date.iso8601(visits.first.last["date"]).strftime("%-d %B")}."
        end

        private

        def today = Date.today.iso8601

        # Each with its plan, the soonest first.
        def visits
          @visits ||= plans.flat_map { |one|
            one.plan["visits"].select { |visit| visit["date"] >= today }.map { |visit| [one, visit] }
          }.sort_by { |_, visit| visit["leave"] }
        end

        def panels
          visits.group_by { |_, visit| visit["date"] }.map do |day, list|
            one, visit = list.first
            Drawing::VisitTrack::Panel.new(date: Date.iso8601(day), title: names[one.job_id], uid: visit["uid"],
              path: Paths.visits(one.job_id, visit: visit["uid"]), clash: list.length > 1, now: false,
              times: "#{visit["leave"][11, 5]}–#{visit["back"][11, 5]}",
              lines: list.flat_map { |plan, other|
                [*("and #{names[plan.job_id]}" if plan != one), *words(plan, other)]
              })
          end
        end

        # A visit's steps in words, by what its plan kept of them.
        def words(plan, visit)
          steps = plan.asked["steps"] || {}
          YellowTrack::Visits.words(visit["steps"]) { |key| steps.dig(key, "what") }
        end

        def days
          last = [plans.map { |one| Date.iso8601(one.plan["end"]) }.max || Date.today + 13, Date.today + SHOWN].min
          dates, work = panels.map(&:date), plans.flat_map { |one| one.plan["days"] }
          (Date.today..last).map do |date|
            kind = if dates.include?(date) then :visit
            elsif work.include?(date.iso8601) then :shop
            else
              hours.week.include?(date.strftime("%a").downcase) ? :bare : :closed
            end
            Drawing::VisitTrack::Day.new(date:, kind:, note: note(date, kind))
          end
        end

        def note(date, kind)
          return "shop" if kind == :shop

          hours.days("away").include?(date.iso8601) ? "away" : nil
        end

        def hours = @hours ||= Desk::CrewHours.new(book.house_rules.all, book.crew_days.all)
      end
    end
  end
end
