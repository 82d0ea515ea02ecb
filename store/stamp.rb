# frozen_string_literal: true

module YellowTrack
  module Store
    # What a job's buy list, labour and visits stand on, in a few figures: while they are the same,
    # so is what was worked out of them.
    module Stamp
      HOUSE = %i[house_rules stock crew_days].freeze # small tables, as they are

      module_function

      # @param db [Sequel::Database]
      # @param job_id [Integer]
      # @return [Array]
      def of(db, job_id)
        openings = db[:openings].where(job_id:)
        ids = openings.select(:id)
        [row(openings, count, sum(:version), max(:changed_at), sum(:position), count(:binned_at),
          sum(Sequel[:position] * :id)),
          row(db[:log_entries].where(opening_id: ids), max(:id)),
          row(db[:cuts].where(opening_id: ids), count, max(:at)),
          row(db[:rack], count, count(:used_at), max(:id)),
          db[:plans].order(:job_id).select_map(%i[job_id version]),
          db[:jobs].exclude(binned_at: nil).select_order_map(:id),
          HOUSE.map { |table| db[table].all.map(&:values) }]
      end

      # The figures of some rows, in one question.
      def row(rows, *figures) = rows.select(*figures.each_with_index.map { |one, n| one.as(:"f#{n}") }).first.values

      # How many.
      def count(what = nil) = what ? Sequel.function(:count, what) : Sequel.function(:count).*

      # The last.
      def max(what) = Sequel.function(:max, what)

      # All together.
      def sum(what) = Sequel.function(:sum, what)
    end
  end
end
