# frozen_string_literal: true

module YellowTrack
  module Desk
    class FirmBoard
      # What a board says of one job, as the job's own plan of visits (handbook 14, "The files"): leave, when the road
      # to the house begins; back, when the house is left.
      class JobPart
        # @param board [FirmBoard]
        # @param job [Job]
        def initialize(board, job)
          @board, @job, @plan = board, job, board.plan
        end

        # Keeps it in the place of the job's plan before, with what is due of it.
        #
        # @param version [Integer] of the board
        def keep!(version, who:)
          @board.book.plans.keep(@job.id, seen: before&.version || 0, asked: asked(version), plan: to_h, gone:, who:)
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

        # What the calendars know the job by.
        def key = @job.visiting.short_name

        # The job's own plan, as it was kept.
        def before = @job.visiting.kept

        def told = @told ||= @plan["jobs"].find { |one| one["key"] == key }

        def asked(version)
          {"board" => version, "put" => {}, "travel" => @board.travel(@job),
           "crew" => @board.crews.first.count, "looks" => looks,
           "steps" => JobVisits::Calendars.steps(@board.steps(@job))}
        end

        def visits
          @visits ||= @plan["visits"].select { |one| one["job"] == key }.map do |visit|
            crew = @board.crews.find { |one| one.key == visit["crew"] }
            visit.slice("date", "arrive", "depart", "steps", "hands", "uid", "sequence")
              .merge("leave" => Shown.leave(@plan, visit), "back" => visit["depart"], "crew" => crew.name,
                "people" => crew.people)
          end
        end

        # Days on which any crew has a step of it.
        def days
          @plan["days"].select { |day| day["legs"].any? { |leg| leg["is"] != "road" && leg["job"] == key } }
            .map { |day| day["date"] }.uniq
        end

        # Of a job with nothing left: the day of its last step.
        def last = told["steps"].filter_map { |step| step["end"] }.max&.slice(0, 10) || @board.start.iso8601

        def checks
          keys = @board.steps(@job).map { |step| step["key"] }
          @plan["checks"].select { |check| check["job"] == key }
            .map { |check|
              check.slice("code", "level", "says", "do")
                .merge("steps" => keys.first(1), "date" => check["date"] || told["end"] || last)
            }
        end

        def look_backs
          model = @board.board.model
          number = model.jobs.index { |job| job.key == key }
          @board.board.look_backs(number).map do |day, places|
            {"date" => model.calendar.date(day).iso8601, "steps" => places.map { |place| model.key(place) },
             "openings" => places.map { |place| model.steps[place].opening }.uniq}
          end
        end

        def looks = JobVisits::Calendars.looks(@job.visiting, look_backs)

        def gone = JobVisits::Calendars.gone(before, visits, from: @board.start)
      end
    end
  end
end
