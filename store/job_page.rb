# frozen_string_literal: true

require "json"

module YellowTrack
  module Store
    # What a job's own page says beside its openings, asked in one.
    class JobPage
      include Questions

      # hanging:  how many openings hang in it
      # binned:   how many of it are in the bin
      # renamed:  how often its name or its place was another
      # customer: [Customers::Customer]
      # terms:    [JobTerms::Terms]
      Said = Struct.new(:hanging, :binned, :renamed, :customer, :terms, keyword_init: true)

      COUNTED = %i[hanging binned renamed].freeze
      WHOM = Customers::LONGEST.keys.to_h { |name| [name.to_sym, :"customer_#{name}"] }.freeze
      BOUND = %i[by travel crew_id].freeze

      # @param db [Sequel::Database]
      def initialize(db) = @db = db

      # @param job_id [Integer] of a job that is there
      # @return [Said]
      def of(job_id)
        row = question(:job_page) { asked }.call(job: job_id, key: job_id.to_s).first
        Said.new(**row.slice(*COUNTED),
          customer: Customers::Customer.new(job_id:, **WHOM.transform_values { |name| row[name].to_s }),
          terms: JobTerms::Terms.new(job_id:, **row.slice(*BOUND), shut: JSON.parse(row[:shut])))
      end

      private

      def asked
        @db[:jobs].where(Sequel[:jobs][:id] => :$job)
          .left_join(:customers, job_id: :id).left_join(:job_terms, job_id: Sequel[:jobs][:id])
          .select(*WHOM.map { |name, as| Sequel[:customers][name].as(as) })
          .select_append(*BOUND.map { |name| Sequel[:job_terms][name] })
          .select_append(*beside.map { |name, rows| rows.as(name) })
      end

      def beside
        openings = @db[:openings].where(job_id: :$job).select { count.function.* }
        {hanging: openings.where(binned_at: nil), binned: openings.exclude(binned_at: nil),
         renamed: @db[:replaced].where(kind: "job", key: :$key).select { count.function.* },
         shut: @db[:job_shut].where(job_id: :$job).order(:day).from_self.select { json_group_array(:day) }}
      end
    end
  end
end
