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

      def initialize(db)
        @db = db
        @plans = db[:plans]
      end

      # @return [Plan, nil]
      def find(job_id) = @plans.first(job_id:)&.then { |row| plan(row) }

      # @param job_ids [Array<Integer>]
      # @return [Array<Integer>] those that have one
      def planned(job_ids) = @plans.where(job_id: job_ids).select_map(:job_id)

      # Plans of jobs that hang on the wall.
      #
      # @param but [Integer, nil] a job that is left out
      # @return [Array<Plan>]
      def all(but: nil)
        binned = @db[:jobs].exclude(binned_at: nil).select(:id)
        @plans.exclude(job_id: binned).exclude(job_id: but || -1).order(:job_id).map { |row| plan(row) }
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

      def put_by(job_id)
        columns = %i[job_id version asked plan gone who at]
        @db[:plans_before].insert(columns, @plans.where(job_id:).select(*columns))
        @plans.where(job_id:).delete
      end

      def plan(row) = Plan.new(**row, **JSONS.to_h { |name| [name, JSON.parse(row[name])] }).freeze
    end
  end
end
