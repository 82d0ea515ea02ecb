# frozen_string_literal: true

require "date"

module YellowTrack
  module Store
    # Days on which nobody works (off), or the crew does not (away), of all jobs.
    class CrewDays
      Day = Struct.new(:day, :how, :why, keyword_init: true)

      HOW = %w[off away].freeze

      # @param db [Sequel::Database]
      def initialize(db)
        @days = db[:crew_days]
      end

      # @param from [Date, nil] days before it are left out
      # @return [Array<Day>] in their order
      def all(from: nil)
        rows = from ? @days.where { |row| row.day >= from.iso8601 } : @days
        rows.order(:day).map { |row| Day.new(**row, day: Date.iso8601(row[:day])) }
      end

      # @param how ["off", "away", nil] nil takes it out
      def set(day, how, why: "")
        @days.where(day: day.iso8601).delete
        @days.insert(day: day.iso8601, how:, why:) if how
      end
    end
  end
end
