# frozen_string_literal: true

require "json"

module YellowTrack
  module Store
    # What is due: visits, what others are waited for, looks back. The first page reads
    # nothing else.
    class Dues
      # day, by which it is due; says, what there is to tell of it.
      Due = Struct.new(:id, :job_id, :opening_id, :kind, :day, :says, keyword_init: true)

      # @param db [Sequel::Database]
      def initialize(db)
        @db = db
        @dues = db[:dues]
        @hanging = @dues.exclude(job_id: binned(:jobs))
          .where(Sequel.|({opening_id: nil}, Sequel.~(opening_id: binned(:openings)))).order(:day, :id)
      end

      # In the place of those of a kind that there were.
      #
      # @param rows [Array<Hash>] day, says, opening_id
      def replace(kind, rows, job_id:, opening_id: nil)
        @db.transaction do
          @dues.where({job_id:, kind:, opening_id:}.compact).delete
          rows.each do |row|
            @dues.insert(job_id:, kind:, opening_id: row[:opening_id], day: row[:day], says: row[:says].to_json)
          end
        end
      end

      # What is due of jobs and openings that hang, the soonest first.
      #
      # @param until_day [String, nil] ISO; later ones are left out
      # @param from [String, nil] ISO; earlier ones are left out
      # @param begun [String, nil] ISO; what is waited for only later is left out
      # @return [Array<Due>]
      def of(kind, until_day: nil, from: nil, begun: nil, most: nil)
        rows = @hanging.where(kind:)
        rows = rows.where { |row| row.day <= until_day } if until_day
        rows = rows.where { |row| row.day >= from } if from
        rows = rows.where(Sequel.|({since => nil}, Sequel.expr(since) <= begun)) if begun
        rows.limit(most).map { |row| Due.new(**row, says: JSON.parse(row[:says])) }
      end

      # What of others is done is waited for no longer.
      #
      # @param letter [String] of the opening
      # @yieldparam says [Hash]
      # @yieldreturn [Boolean] whether it is done
      def settle(job_id, letter)
        of_opening = @dues.where(:job_id => job_id, :kind => "wait",
          Sequel.function(:json_extract, :says, "$.opening") => letter)
        done = of_opening.all.select { |row| yield JSON.parse(row[:says]) }.map { |row| row[:id] }
        @dues.where(id: done).delete if done.any?
      end

      private

      def since = Sequel.function(:json_extract, :says, "$.since")

      def binned(table) = @db[table].exclude(binned_at: nil).select(:id)
    end
  end
end
