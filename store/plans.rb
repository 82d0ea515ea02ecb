# frozen_string_literal: true

require "json"

module YellowTrack
  module Store
    # Plans of visits that were kept, one a job; those that they took the place of stay.
    class Plans
      # asked, what was put where; plan, the visits file; gone, visits that none
      # continues; all as parsed.
      Plan = Struct.new(:id, :job_id, :version, :asked, :plan, :gone, :who, :at, keyword_init: true)

      JSONS = %i[asked plan gone].freeze

      # @param db [Sequel::Database]
      def initialize(db)
        @db = db
        @plans = db[:plans]
      end

      # @return [Plan, nil]
      def find(job_id) = @plans.first(job_id:)&.then { |row| plan(row) }

      # @param job_ids [Array<Integer>]
      # @return [Array<Integer>] those that have one
      def planned(job_ids) = @plans.where(job_id: job_ids).select_map(:job_id)

      # What was asked of the plans of some jobs, in one question.
      #
      # @param job_ids [Array<Integer>]
      # @return [Hash{Integer => Hash}]
      def asked(job_ids)
        @plans.where(job_id: job_ids).to_hash(:job_id, :asked).transform_values { |text| JSON.parse(text) }
      end

      # Plans of jobs that hang on the wall.
      #
      # @param from [String, nil] ISO; those that end earlier are left out
      # @return [Array<Plan>]
      def all(from: nil)
        rows = hanging.order(:job_id)
        rows = rows.where(Sequel.expr(in_plan("end")) >= from) if from
        rows.map { |row| plan(row) }
      end

      # Days on which the crew is at work by the plans of other jobs.
      #
      # @param but [Integer] the job that is left out
      # @param from [String] ISO; earlier days are left out
      # @return [Array<String>] in their order
      def days(but:, from:)
        hanging.exclude(job_id: but).select_map(in_plan("days")).flat_map { |days| JSON.parse(days) }
          .select { |day| day >= from }.uniq.sort
      end

      # Keeps a plan in the place of the one that was seen.
      #
      # @param seen [Integer] its version, 0 for none
      # @return [Plan, nil] nil where another was kept meanwhile: nothing is written
      def keep(job_id, seen:, asked:, plan:, gone:, who:)
        @db.transaction do
          now = find(job_id)
          next if (now&.version || 0) != seen

          put_by(job_id)
          row = {job_id:, version: seen + 1, asked: asked.to_json, plan: plan.to_json, gone: gone.to_json, who:,
                 at: Clock.now}
          @plans.insert(row)
          find(job_id)
        end
      end

      # The one that the kept plan took the place of.
      #
      # @return [Plan, nil]
      def before(job_id) = @db[:plans_before].where(job_id:).reverse(:version).first&.then { |row| plan(row) }

      private

      def hanging = @plans.exclude(job_id: @db[:jobs].exclude(binned_at: nil).select(:id))

      def in_plan(key) = Sequel.function(:json_extract, :plan, "$.#{key}")

      def put_by(job_id)
        columns = %i[job_id version asked plan gone who at]
        @db[:plans_before].insert(columns, @plans.where(job_id:).select(*columns))
        @plans.where(job_id:).delete
      end

      def plan(row) = Plan.new(**row, **JSONS.to_h { |name| [name, JSON.parse(row[name])] }).freeze
    end
  end
end
