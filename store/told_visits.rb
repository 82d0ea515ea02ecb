# frozen_string_literal: true

require "json"

module YellowTrack
  module Store
    # Visits that customers were told: a job and a day, once, with what was said.
    class ToldVisits
      # day, ISO; said, from when to when and who comes.
      Told = Struct.new(:id, :job_id, :day, :said, :who, :at, keyword_init: true)

      # @param db [Sequel::Database]
      def initialize(db)
        @db = db
        @told = db[:told_visits]
      end

      # @param from [String, nil] ISO; earlier days are left out
      # @param job_id [Integer, nil] of one job
      # @return [Array<Told>] by day
      def all(from: nil, job_id: nil)
        rows = job_id ? @told.where(job_id:) : @told
        rows = rows.where { |row| row.day >= from } if from
        rows.order(:day, :job_id).map { |row| told(row) }
      end

      # @return [Told, nil]
      def find(job_id, day) = @told.first(job_id:, day:)&.then { |row| told(row) }

      # Notes that a customer was told a day; in the place of another that was told before, where that is said.
      #
      # @param instead [String, nil] ISO
      def tell(job_id, day, said:, who:, instead: nil)
        @db.transaction do
          @told.where(job_id:, day: [day, instead].compact).delete
          @told.insert(job_id:, day:, said: said.to_json, who:, at: Clock.now)
        end
      end

      # Takes it back: nobody was told, or he was told that nobody comes.
      def forget(job_id, day) = @told.where(job_id:, day:).delete

      private

      def told(row) = Told.new(**row, said: JSON.parse(row[:said])).freeze
    end
  end
end
