# frozen_string_literal: true

module YellowTrack
  class Diagnosis
    # Answers that hardly ever come together, whatever the cause: every share, before
    # they are brought back to a sum of 1, is near nothing. Which two of them quarrel,
    # and which is the cheaper to ask again.
    class Quarrel
      # How much rarer the answers may be, together, than such answers are.
      NEAR_NOTHING = 1 / 32.0

      # @return [Array<Taken>] the two that go together worst
      attr_reader :answers

      # @param diagnosis [Diagnosis]
      # @return [Quarrel, nil] nil while the answers go together
      def self.in(diagnosis)
        return if diagnosis.taken.length < 2

        made = new(diagnosis)
        made if made.near_nothing?
      end

      # @param diagnosis [Diagnosis] whose answers are held against each other, two and two
      def initialize(diagnosis)
        @diagnosis = diagnosis
        @answers = diagnosis.taken.combination(2).min_by { |pair| together(*pair) }
        freeze
      end

      # Rarer than answers to these questions are at the mean.
      def near_nothing? = rare < Math.log2(NEAR_NOTHING)

      # The cheaper of the two, to be asked again.
      #
      # @return [Finding]
      def again = answers.map(&:finding).min_by { |finding| finding.cost(@diagnosis.down?) }

      private

      # How likely they all were, beside what is to be expected of them; bits.
      def rare
        @diagnosis.taken.sum do |taken|
          chances = @diagnosis.answers(taken.finding).map { |answer| taken.before.chance(taken.finding, answer) }
          Math.log2(taken.before.chance(taken.finding, taken.answer)) + Belief.entropy(chances)
        end
      end

      # How much oftener two come together than each by itself; under 0 they quarrel.
      def together(one, other)
        start = @diagnosis.taken.first.before
        after = start.after(one.finding, one.answer)
        Math.log2(after.chance(other.finding, other.answer) / start.chance(other.finding, other.answer))
      end
    end
  end
end
