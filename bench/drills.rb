# frozen_string_literal: true

module YellowTrack
  module Bench
    # How long a question of practice takes to make, over all levels; what a made-up learner
    # loses by level; and the proof of every question, over many seeds.
    class Drills
      SEEDS = 60
      PROOF = "spec/practice/questions_spec.rb"

      # @return [Array<String>] a line of figures each
      def call
        @proof = Proof.new(PROOF)
        [*times, *Learners.new.call, @proof.to_s]
      end

      # @return [Boolean] whether a question has no one best answer, or a slip is not told from it
      def failed? = !@proof.holds?

      private

      def times
        all = Practice::Drills.all.keys.to_h do |key|
          times = Practice::Drills::LEVELS.flat_map do |level|
            Array.new(SEEDS) { |seed| Timing.once { ask(key, level, seed) } }
          end
          [key, times.sort]
        end
        [*all.map { |key, times| Timing.line("a question: #{key}", times) },
          Timing.line("a question of any", all.values.flatten.sort)]
      end

      def ask(key, level, seed) = Practice::Drills.question(key, level:, seed:, read: Files::Commands.method(:read))
    end
  end
end
