# frozen_string_literal: true

module YellowTrack
  module Practice
    # Ten questions, easy to hard, drawn from one number: of one drill, or of several in
    # turn (handbook 12, "Rounds").
    class Round
      QUESTIONS = 10
      LEVELS = [1, 1, 2, 2, 3, 3, 4, 4, 5, 5].freeze
      SECOND = 1r / 2 # of the points, for a second try

      # A question's place: its drill, level and seed.
      Asked = Struct.new(:place, :drill, :level, :seed)

      # @param drills [Array<String>]
      # @param seed [Integer]
      def initialize(drills, seed)
        @drills, @seed = drills, seed
      end

      # @return [Array<Asked>]
      def asked
        random = Random.new(@seed)
        drills = in_turn
        LEVELS.each_with_index.map do |level, place|
          Asked.new(place, drills[place % drills.length], level, random.rand(Drills::SEEDS))
        end
      end

      # Of more drills than questions other ones each time.
      private def in_turn = (@drills.length > QUESTIONS) ? @drills.shuffle(random: Random.new(@seed)) : @drills

      # @param marks [Array<Mark>] of one question
      # @param second [Boolean] whether it was the second try
      # @return [Rational] points: those of its worst part
      def self.points(marks, second: false) = marks.map(&:points).min * (second ? SECOND : 1)

      # @param points [Array<Rational>] of each question
      # @return [Rational] their share of all that there were
      def self.share(points) = points.sum.to_r / (points.length * Mark::MOST)
    end
  end
end
