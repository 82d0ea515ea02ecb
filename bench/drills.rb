# frozen_string_literal: true

module YellowTrack
  module Bench
    # How long a question of practice takes to make, over all levels.
    class Drills
      SEEDS = 60

      # @return [Array<String>] a line of figures each
      def call
        Practice.drills.keys.map do |key|
          times = Practice::LEVELS.flat_map do |level|
            Array.new(SEEDS) { |seed| Timing.once { ask(key, level, seed) } }
          end
          Timing.line("a question: #{key}", times.sort)
        end
      end

      private

      def ask(key, level, seed) = Practice.question(key, level:, seed:, read: Files::Shelf.method(:opening))
    end
  end
end
