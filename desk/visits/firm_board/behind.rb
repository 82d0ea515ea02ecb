# frozen_string_literal: true

require "time"

module YellowTrack
  module Desk
    class FirmBoard
      # How the day went so far beside the board that is kept: what should be over and is not, what is new since, and
      # what a plan from now on would move.
      class Behind
        # A step that should be over: job, its key; key; over, when it should have been, ISO.
        Late = Struct.new(:job, :key, :over, keyword_init: true)

        # @param firm [FirmBoard] with nothing tried
        def initialize(firm)
          @firm, @kept = firm, firm.kept
        end

        # Steps of crews that the kept board has over by now and that nobody ticked, the oldest first.
        #
        # @return [Array<Late>]
        def late
          @late ||= planned.select { |_, step| step["crew"] && step["end"] < @firm.moment }
            .select { |job, step| open[job]&.include?(step["key"]) }
            .map { |job, step| Late.new(job:, key: step["key"], over: step["end"]) }.sort_by(&:over)
        end

        # Since when the board is behind.
        #
        # @return [String, nil] ISO
        def since = late.first&.over

        # Steps that came up since: job's key to their keys.
        #
        # @return [Hash{String => Array<String>}]
        def new_steps
          known = planned.group_by(&:first).transform_values { |list| list.map { |_, step| step["key"] } }
          open.to_h { |job, keys| [job, keys - (known[job] || [])] }.reject { |_, keys| keys.empty? }
        end

        # What a plan from now on moves: jobs whose end is another then.
        #
        # @return [Array<Hash>] as the board's plan has it
        def moves = @firm.plan["moved"]

        # Whether there is anything to say.
        def any? = late.any? || new_steps.any?

        private

        def planned = @planned ||= @kept.plan["jobs"].flat_map { |job| job["steps"].map { |step| [job["key"], step] } }
          .select { |_, step| step["end"] && step["start"] }

        # What is still to be done, by the job's key.
        def open
          @open ||= @firm.jobs.to_h do |job|
            [job.visiting.short_name, @firm.steps(job).reject { |step| step["ended"] }.map { |step| step["key"] }]
          end
        end
      end
    end
  end
end
