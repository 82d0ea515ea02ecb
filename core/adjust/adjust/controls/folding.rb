# frozen_string_literal: true

module YellowTrack
  module Adjust
    class Controls
      # Of a pair that folds: two slides and a jack.
      class Folding < Controls
        # Gaps after any turning. @return [Hash{String => Numeric}]
        def gaps(counts)
          answer.gaps_after(*turned(counts).values).then do |after|
            Reading::Folding::LETTERS.transform_values { |letter| after.fetch(letter) }
          end
        end

        # Which way, in words: a jack lifts or lowers, whatever its count.
        def direction(name, count)
          return super if name == "jack"

          count.positive? ? "away from the jamb" : "towards the jamb"
        end

        # @return [Array<Working::Entry>] the same whatever is turned: a pair's answer is worked out whole
        def sums(_counts) = answer.work.entries

        # @return [Hash] empty: a pair has no adjusters whose place is kept
        def moved(_counts) = {}

        # A pair's slides and jack are set by what is read: nothing to learn.
        def lesson(_counts) = {}
      end
    end
  end
end
