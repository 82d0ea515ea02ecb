# frozen_string_literal: true

require "date"

module YellowTrack
  module Desk
    class FirmBoard
      # What a board says of one job, as the job's own plan of visits (handbook 14, "The files"): leave, when the road
      # to the house begins; back, when the house is left.
      class JobPart
        # @param board [FirmBoard]
        # @param job [Job]
        def initialize(board, job)
          @board, @job, @key = board, job, job.visiting.short_name
          @plan, @before = board.plan, job.visiting.kept
        end

        # Keeps it in the place of the job's plan before, with what is due of it.
        #
        # @param version [Integer] of the board
        def keep!(version, who:)
          @board.book.plans.keep(@job.id, seen: @before&.version || 0, asked: asked(version), plan: to_h, gone:, who:)
          visiting = JobVisits.new(Job.new(@board.book, @job.row))
          JobVisits::DueVisits.new(visiting).write
        end

        # @return [Hash] a visits file
        def to_h
          {"format" => "yellow-track/visits", "version" => 1, "name" => @job.name, "end" => told["end"] || last,
           "proved" => @plan["proved"],
           "bound" => {"end" => told["free"] || last, "visits" => visits.length}, "visits" => visits, "days" => days,
           "labour" => told["labour"],
           "steps" => told["steps"].map { |step| step.except("crew") }, "chain" => told["chain"],
           "look_backs" => look_backs,
           "waits" => told["waits"].map { |wait| wait.merge("done" => [], "could" => []) }, "checks" => checks}
        end

        private

        def told = @told ||= @plan["jobs"].find { |one| one["key"] == @key }

        def asked(version)
          {"board" => version, "put" => {}, "travel" => @board.travel(@job),
           "crew" => @board.crews.first.count, "looks" => looks,
           "steps" => JobVisits::Calendars.steps(@board.steps(@job))}
        end

        def crews = @crews ||= @board.crews.to_h { |one| [one.key, one] }

        def visits
          @visits ||= @plan["visits"].select { |one| one["job"] == @key }.map do |visit|
            crew = crews.fetch(visit["crew"])
            visit.slice("date", "arrive", "depart", "steps", "hands", "uid", "sequence")
              .merge("leave" => leave(visit), "back" => visit["depart"], "crew" => crew.name, "people" => crew.people)
          end
        end

        # When the road that leads to a visit begins.
        def leave(visit)
          day = @plan["days"].find { |one| one.values_at("date", "crew") == visit.values_at("date", "crew") }
          road = day["legs"].find { |leg| leg["is"] == "road" && leg["job"] == @key }
          road ? road["from"] : visit["arrive"]
        end

        # Days on which any crew has a step of it.
        def days
          @plan["days"].select { |day| day["legs"].any? { |leg| leg["is"] != "road" && leg["job"] == @key } }
            .map { |day| day["date"] }.uniq
        end

        # Of a job with nothing left: the day of its last step.
        def last = told["steps"].filter_map { |step| step["end"] }.max&.slice(0, 10) || @board.start.iso8601

        def checks
          keys = @board.steps(@job).map { |step| step["key"] }
          @plan["checks"].select { |check| check["job"] == @key }
            .map { |check|
              check.slice("code", "level", "says", "do")
                .merge("steps" => keys.first(1), "date" => check["date"] || told["end"] || last)
            }
        end

        # Looks back at what is handed over: so many days after, on the next day that the firm works.
        def look_backs
          steps = @board.steps(@job).to_h { |step| [step["key"], step] }
          ends = told["steps"].to_h { |one| [one["key"], one["end"]] }
          looked = steps.values.select { |step| step["look_back"] && ends[step["key"]] }
          due = looked.group_by { |step| working(Date.iso8601(ends[step["key"]][0, 10]) + step["look_back"]) }
          due.sort.map do |day, list|
            {"date" => day.iso8601, "steps" => list.map { |step| step["key"] },
             "openings" => list.map { |step| step["opening"] }.uniq}
          end
        end

        def working(day)
          calendar = @board.board.model.calendar
          calendar.date(calendar.crew_from(calendar.day(day)))
        end

        def looks = JobVisits::Calendars.looks(@job.visiting, look_backs)

        # Visits that none goes on from: calendars are told once that they are off.
        def gone
          return [] unless @before

          now = visits.map { |visit| visit["uid"] }
          @before.plan["visits"].reject { |visit| now.include?(visit["uid"]) || visit["date"] < @board.start.iso8601 }
            .map { |visit| visit.merge("sequence" => visit["sequence"] + 1) }
        end
      end
    end
  end
end
