# frozen_string_literal: true

module YellowTrack
  module Desk
    class FirmBoard
      # Steps of a board's jobs, with what is put on a day: on the board that is kept, on a job's own plan from before
      # any board had it, and by what is tried.
      class Placing
        # @param lots [Lots]
        # @param changes [Changes] that are tried
        # @param kept [Store::Boards::Board, nil]
        def initialize(lots, changes, kept)
          @lots, @changes, @kept = lots, changes, kept
        end

        # @return [Array<Hash>] steps of a job
        def steps(job)
          (@steps ||= {})[job.id] ||= @lots.agendas(job).values.flat_map(&:steps)
            .map { |step| placed(step, put[key_of(job, step)]) }
        end

        # What was put where, of steps that are still to be done: "osier-weir-1:D-sand" to a day.
        #
        # @return [Hash{String => String}]
        def standing
          put.slice(*@lots.jobs.flat_map { |job|
            steps(job).reject { |step| step["ended"] }.map { |step| key_of(job, step) }
          })
        end

        private

        def put
          @put ||= @changes.put(@lots.alone.reduce(@kept&.asked&.fetch("put", {}) || {}) { |all, job|
            all.merge(job.visiting.kept.asked["put"].transform_keys { |step| "#{job.visiting.short_name}:#{step}" })
          })
        end

        def key_of(job, step) = "#{job.visiting.short_name}:#{step["key"]}"

        def placed(step, day)
          return step if day.nil? || step["ended"]
          return step.merge("not_before" => day) unless step["place"] == "other"

          step.except("days").merge("done" => day)
        end
      end
    end
  end
end
