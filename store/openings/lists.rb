# frozen_string_literal: true

module YellowTrack
  module Store
    class Openings
      # What lists ask of openings: those of a job, the first of several. Each is one
      # question, however many there are.
      module Lists
        include Questions

        IN_ORDER = %i[job_id position id].freeze

        # @param after [Integer] how many to pass over
        # @return [Array<Opening>] of a job, in their order, none of the bin
        def of(job_id, most: nil, after: nil)
          question(:openings_of_job) { beside(hanging.where(job_id: :$job)).limit(:$most, :$after) }
            .call(job: job_id, most: most || -1, after: after || 0).map { |row| opening(row) }
        end

        # The first openings of a job, and how many it has in all.
        First = Struct.new(:openings, :in_all)

        # The first of each job, in their order.
        #
        # @param job_ids [Array<Integer>]
        # @param most [Integer] of each
        # @return [Hash{Integer => First}] none of a job that has no openings
        def first_of(job_ids, most)
          rows = question(:firsts_of_jobs) { firsts }.call(jobs: JSON.generate(job_ids), most:)
          rows.group_by { |row| row[:job_id] }.transform_values do |own|
            First.new(own.map { |row| opening(row.except(:placed, :place, :in_all)) }, own.first[:in_all])
          end
        end

        # @param job_ids [Array<Integer>]
        # @return [Hash{Integer => Integer}] how many hang in each job
        def counts(job_ids)
          question(:openings_counted) { of_jobs.group_and_count(:job_id) }
            .call(jobs: JSON.generate(job_ids)).to_h { |row| row.values_at(:job_id, :count) }
        end

        # @return [Array<Opening>] of a job's bin, the last binned first
        def binned(job_id, most: nil)
          binned = question(:binned_of_job) do
            @openings.where(job_id: :$job).exclude(binned_at: nil).reverse(:binned_at, :id).limit(:$most)
          end
          binned.call(job: job_id, most: most || -1).map { |row| opening(row) }
        end

        # @return [Array<String>] what hanging openings are cut from
        def materials
          @db.fetch("SELECT DISTINCT value FROM openings, json_each(openings.materials) " \
            "WHERE openings.binned_at IS NULL ORDER BY value").select_map(:value)
        end

        # Those that have a kit, the latest changed first.
        #
        # @param kit [String] its id
        def with_kit(kit, most:)
          own, shipped = %w[$.set.kit.id $.set.kit].map { |path| Sequel.function(:json_extract, :document, path) }
          @openings.where(binned_at: nil).where(Sequel.|({shipped => kit},
            {own => kit})).reverse(:changed_at).limit(most)
            .map { |row|
            opening(row)
          }
        end

        private

        def hanging = @openings.where(binned_at: nil).order(*IN_ORDER)

        # Of the jobs that :$jobs lists.
        def of_jobs = @openings.where(binned_at: nil, job_id: told_in(@db, :$jobs))

        def firsts
          in_job = {partition: :job_id}
          placed = of_jobs.select(Sequel[:id].as(:placed),
            Sequel.function(:row_number).over(**in_job, order: %i[position id]).as(:place),
            Sequel.function(:count).*.over(**in_job).as(:in_all))
          hanging.join(placed.from_self.where(Sequel[:place] <= :$most), placed: :id)
        end
      end
    end
  end
end
