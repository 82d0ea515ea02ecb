# frozen_string_literal: true

require "json"

module YellowTrack
  module Store
    # Rounds of practice, what was done and answered in them, and rounds that are set for
    # the crew.
    class Practice
      # set_id, of the crew's round that it is one's own of; version, of how its questions
      # are made
      Round = Struct.new(:id, :account_id, :drills, :seed, :at, :set_id, :version, keyword_init: true)
      # off, mm of the part that is furthest off; points, of the question
      Answer = Struct.new(:round_id, :place, :try, :drill, :typed, :off, :points, :at, keyword_init: true)
      # Something done before a question was answered: a move, a finding that was asked.
      Step = Struct.new(:round_id, :place, :try, :number, :step, keyword_init: true)
      # A round that is set for the crew; account_id, who set it.
      CrewRound = Struct.new(:id, :account_id, :drills, :seed, :version, :at, keyword_init: true)

      # @param db [Sequel::Database]
      def initialize(db)
        @db = db
        @rounds, @answers = db[:practice_rounds], db[:practice_answers]
        @steps, @sets = db[:practice_steps], db[:practice_sets]
      end

      # @param drills [Array<String>]
      # @return [Integer] its number
      def begin(account_id, drills:, seed:, version:, set_id: nil)
        @rounds.insert(account_id:, drills: JSON.generate(drills), seed:, version:, set_id:, at: Clock.now)
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

      # @return [Array<Step>] in their order
      def steps(round_id)
        @steps.where(round_id:).order(:place, :try, :number).map { |row| Step.new(**row.except(:id)).freeze }
      end

      # Keeps a step; one that another page was quicker with is left.
      def step!(round_id, place:, try:, number:, step:)
        @steps.insert_conflict.insert(round_id:, place:, try:, number:, step:)
      end

      # Sets a round for the crew.
      #
      # @return [Integer] its number
      def set(account_id, drills:, seed:, version:)
        @sets.insert(account_id:, drills: JSON.generate(drills), seed:, version:, at: Clock.now)
      end

      # @return [CrewRound, nil]
      def crew_round(id) = @sets.first(id:)&.then { |row| crew(row) }

      # @return [Array<CrewRound>] the latest first
      def crew_rounds(most:) = @sets.reverse(:id).limit(most).map { |row| crew(row) }

      # @return [Array<Round>] everybody's of a round that is set for the crew
      def of_set(set_id) = @rounds.where(set_id:).order(:id).map { |row| round(row) }

      # His own of a crew's round; begun where he has none.
      #
      # @param set [CrewRound]
      # @return [Integer] its number
      def own(set, account_id)
        @db.transaction(mode: :immediate) do
          @rounds.where(set_id: set.id, account_id:).get(:id) ||
            self.begin(account_id, drills: set.drills, seed: set.seed, version: set.version, set_id: set.id)
        end
      end

      private

      def round(row) = Round.new(**row, drills: JSON.parse(row[:drills])).freeze

      def crew(row) = CrewRound.new(**row, drills: JSON.parse(row[:drills])).freeze

      def answer(row)
        Answer.new(**row.except(:id), typed: JSON.parse(row[:typed]), off: row[:off].to_r, points: row[:points].to_r)
          .freeze
      end
    end
  end
end
