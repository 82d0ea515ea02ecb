# frozen_string_literal: true

require "json"

module YellowTrack
  module Store
    # What is due: visits, what others are waited for, looks back.
    class Dues
      include Questions

      # job, what its job is called; day, by which it is due; says, what there is to tell of it.
      Due = Struct.new(:id, :job_id, :job, :opening_id, :kind, :day, :says, keyword_init: true)

      # @param db [Sequel::Database]
      def initialize(db)
        @db = db
        @dues = db[:dues]
        @hanging = @dues.join(:jobs, id: :job_id, binned_at: nil).select_all(:dues)
          .select_append(Sequel[:jobs][:name].as(:job)).order(:day, Sequel[:dues][:id])
          .where(Sequel.|({opening_id: nil}, Sequel.~(opening_id: binned_openings)))
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
      # @param bounds [Hash{Symbol => String}] ISO: until_day, later ones are left out; from, earlier ones
      # @return [Array<Due>]
      def of(kind, **bounds)
        question(:"dues_#{bounds.keys.join("_")}") { asking(bounds.keys) }
          .call(kind:, most: ALL, **bounds).map { |row| due(row) }
      end

      # What the first page says of each kind, asked in one: visits from a day on, looks back till another, what is
      # waited for by the first of them.
      #
      # @param today [String] ISO
      # @param soon [String] ISO, till when looks back are told
      # @param most [Integer] how many of each
      # @return [Hash{String => Array<Due>}] by kind, the soonest first; none of a kind that nothing is due of
      def first(today:, soon:, most:)
        question(:dues_first) { firsts }.call(from: today, begun: today, until_day: soon, most:)
          .map { |row| due(row) }.group_by(&:kind)
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

      FIRST = {"visit" => %i[from], "look-back" => %i[until_day], "wait" => %i[begun]}.freeze
      ALL = -1 # as SQLite has it of a limit
      private_constant :FIRST, :ALL

      def due(row) = Due.new(**row, says: JSON.parse(row[:says]))

      def firsts
        FIRST.map { |kind, bounds| asking(bounds, kind).from_self }
          .reduce { |all, one| all.union(one, all: true, from_self: false) }.order(:day, :id)
      end

      def asking(bounds, kind = :$kind)
        limits = {until_day: Sequel[:day] <= :$until_day, from: Sequel[:day] >= :$from,
                  begun: Sequel.|({since => nil}, Sequel.expr(since) <= :$begun)}
        limits.fetch_values(*bounds).reduce(@hanging.where(kind:)) { |rows, limit| rows.where(limit) }
          .limit(:$most)
      end

      def since = Sequel.function(:json_extract, :says, "$.since")

      def binned_openings = @db[:openings].exclude(binned_at: nil).select(:id)
    end
  end
end
