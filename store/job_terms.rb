# frozen_string_literal: true

module YellowTrack
  module Store
    # What a job is bound to on the firm's board: the day by which it is promised, minutes from the yard, whose it is,
    # days on which its house is shut; roads from it to others.
    class JobTerms
      include Questions

      # by, ISO; travel, minutes, nil for the firm's; crew_id, nil for any crew; shut, ISO days.
      Terms = Struct.new(:job_id, :by, :travel, :crew_id, :shut, keyword_init: true)

      # @param db [Sequel::Database]
      def initialize(db)
        @db = db
        @terms, @shut, @roads = db[:job_terms], db[:job_shut], db[:roads]
      end

      # @return [Terms]
      def of(job_id) = all([job_id]).fetch(job_id)

      # @param job_ids [Array<Integer>]
      # @return [Hash{Integer => Terms}]
      def all(job_ids)
        jobs, of_jobs = JSON.generate(job_ids), {job_id: told_in(@db, :$jobs)}
        rows = question(:terms_of_jobs) { @terms.where(of_jobs) }.call(jobs:).to_h { |row| [row[:job_id], row] }
        shut = question(:shut_of_jobs) { @shut.where(of_jobs).order(:day) }.call(jobs:).group_by { |row| row[:job_id] }
        job_ids.to_h do |id|
          days = (shut[id] || []).map { |row| row[:day] }
          [id, Terms.new(job_id: id, **(rows[id] || {}).except(:job_id), shut: days)]
        end
      end

      # Sets what there is to set of a job; what is not named stays.
      #
      # @param columns [Hash] by, travel, crew_id
      def set(job_id, **columns)
        row = of(job_id).to_h.except(:shut).merge(columns)
        @terms.insert_conflict(:replace).insert(row)
      end

      # Days that its house is shut, in the place of those before.
      def shut(job_id, days)
        @db.transaction do
          @shut.where(job_id:).delete
          days.uniq.each { |day| @shut.insert(job_id:, day:) }
        end
      end

      # Roads between jobs, minutes, by the lower number and the higher.
      #
      # @param job_ids [Array<Integer>]
      # @return [Hash{Array(Integer, Integer) => Integer}]
      def roads(job_ids)
        @roads.where(job_id: job_ids, other_id: job_ids).to_hash(%i[job_id other_id], :minutes)
      end

      # Says how long it is between two jobs; nil takes it back.
      def road(one, other, minutes)
        job_id, other_id = [one, other].minmax
        @roads.where(job_id:, other_id:).delete
        @roads.insert(job_id:, other_id:, minutes:) if minutes
      end
    end
  end
end
