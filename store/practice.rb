# frozen_string_literal: true

require "json"

module YellowTrack
  module Store
    # Rounds of practice and what was answered in them.
    class Practice
      Round = Struct.new(:id, :account_id, :drills, :seed, :at, keyword_init: true)
      # off, mm of the part that is furthest off; points, of the question
      Answer = Struct.new(:round_id, :place, :try, :drill, :typed, :off, :points, :at, keyword_init: true)

      def initialize(db)
        @rounds, @answers = db[:practice_rounds], db[:practice_answers]
      end

      # @param drills [Array<String>]
      # @return [Integer] its number
      def begin(account_id, drills:, seed:)
        @rounds.insert(account_id:, drills: JSON.generate(drills), seed:, at: Clock.now)
      end

      # @return [Round, nil] his
      def find(id, account_id) = @rounds.first(id:, account_id:)&.then { |row| round(row) }

      # @return [Array<Round>] his, the latest first
      def of(account_id, most:) = @rounds.where(account_id:).reverse(:id).limit(most).map { |row| round(row) }

      # @return [Array<Answer>] in their order
      def answers(round_ids)
        @answers.where(round_id: round_ids).order(:round_id, :place, :try).map { |row| answer(row) }
      end

      # Keeps an answer; one that was sent twice is kept once.
      def answer!(round_id, place:, try:, drill:, typed:, off:, points:)
        @answers.insert_conflict.insert(round_id:, place:, try:, drill:, typed: JSON.generate(typed),
          off: off.to_r.to_s, points: points.to_r.to_s, at: Clock.now)
      end

      private

      def round(row) = Round.new(**row, drills: JSON.parse(row[:drills])).freeze

      def answer(row)
        Answer.new(**row.except(:id), typed: JSON.parse(row[:typed]), off: row[:off].to_r, points: row[:points].to_r)
          .freeze
      end
    end
  end
end
