# frozen_string_literal: true

module YellowTrack
  module Desk
    class JobVisits
      # Kept plans as their calendar file has them; and what a plan keeps for it: what its
      # steps are, looks back under names that last.
      module Calendars
        module_function

        # @param book [Store::Book]
        # @param plans [Array<Store::Plans::Plan>]
        # @param crew [String, nil] whose visits alone; nil for all
        # @return [String] text/calendar
        def of(book, plans, crew: nil)
          names, places = %i[names places].map { |what| book.jobs.public_send(what, plans.map(&:job_id)) }
          Files::CalendarFile.of(plans.map { |one|
            Files::CalendarFile::Job.new(name: names[one.job_id], place: places[one.job_id], plan: one.plan,
              gone: one.gone, steps: one.asked["steps"] || {}, looks: one.asked["looks"] || [], at: one.at)
          }, crew:)
        end

        # Visits of the plan before that none goes on from: calendars are told once that they are off.
        #
        # @param before [Store::Plans::Plan, nil]
        # @param visits [Array<Hash>] as they are now
        # @param from [Date] those before it are over
        # @return [Array<Hash>]
        def gone(before, visits, from:)
          now = visits.map { |visit| visit["uid"] }
          (before ? before.plan["visits"] : [])
            .reject { |visit| now.include?(visit["uid"]) || visit["date"] < from.iso8601 }
            .map { |visit| visit.merge("sequence" => visit["sequence"] + 1) }
        end

        # What and hands of steps, by their keys.
        #
        # @param steps [Array<Hash>] of a work file
        def steps(steps) = steps.to_h { |step| [step["key"], step.slice("what", "hands")] }

        # Looks back that are still to come, under the names that they had; one that moved
        # is told under the next number.
        #
        # @param visiting [JobVisits]
        # @param look_backs [Array<Hash>] of its visits file
        # @return [Array<Hash>]
        def looks(visiting, look_backs)
          before = (visiting.kept&.asked&.fetch("looks", nil) || []).to_h { |look| [look["uid"], look] }
          look_backs.map do |look|
            uid = "look-back.#{look["steps"].first}.#{visiting.short_name}@yellow-track"
            old = before[uid]
            sequence = if old
              old["sequence"] + ((old["date"] == look["date"]) ? 0 : 1)
            else
              0
            end
            {"uid" => uid, "date" => look["date"], "openings" => look["openings"], "sequence" => sequence}
          end
        end
      end
    end
  end
end
