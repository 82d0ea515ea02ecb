# frozen_string_literal: true

module YellowTrack
  class Diagnosis
    # How much each cause still has for it: shares that sum to 1, and what an answer
    # does to them (handbook 13, "Which cause"). In bits where it is entropy.
    class Belief
      # @return [Array<Knowledge::Cause>]
      attr_reader :causes
      # @return [Array<Float>] of each cause
      attr_reader :shares

      # H(q) = −Σ q·log₂ q, with 0·log₂ 0 = 0.
      def self.entropy(shares) = -shares.sum { |share| share.zero? ? 0.0 : share * Math.log2(share) }

      # @param causes [Array<Knowledge::Cause>]
      # @param weights [Array<Numeric>] of each
      # @param likelihoods [Likelihoods]
      def initialize(causes, weights, likelihoods)
        total = weights.sum.to_f
        @causes, @shares, @likelihoods = causes, weights.map { |weight| weight / total }, likelihoods
        freeze
      end

      # Answers that a finding can have.
      def answers(finding) = @likelihoods.answers(finding)

      # @return [String] short: a book of causes hangs on it
      def inspect = "#<belief #{entropy.round(3)}>"

      # @return [Float] bits that are still open
      def entropy = Belief.entropy(shares)

      # Shares once an answer is known.
      #
      # @param finding [Finding]
      # @param answer [String]
      # @param who ["door", "phone"] who answers
      # @return [Belief]
      def after(finding, answer, who = "door")
        given(chances(finding, answer, who))
      end

      # Shares once something was seen that is so likely under each cause.
      #
      # @param likely [Array<Float>] of each cause
      # @return [Belief]
      def given(likely) = Belief.new(causes, likely.zip(shares).map { |chance, share| chance * share }, @likelihoods)

      # How likely an answer is, of all causes together: Σ p(c)·L(a|c).
      def chance(finding, answer, who = "door")
        chances(finding, answer, who).zip(shares).sum { |chance, share| chance * share }
      end

      # What an answer says for each cause, in bits: log₂(L(a|c) ÷ Σ p·L(a|·)).
      #
      # @return [Array<Float>]
      def says(finding, answer, who = "door")
        expected = chance(finding, answer, who)
        chances(finding, answer, who).map { |chance| Math.log2(chance / expected) }
      end

      # By how much the entropy is expected to drop: d = H(A) − Σ p(c)·H(A|c).
      def drop(finding, who = "door")
        expected, of_causes = Hash.new(0.0), 0.0
        causes.each_with_index do |cause, place|
          row, share = @likelihoods.row(finding, cause, who), shares[place]
          of_causes += share * row.entropy
          row.chances.each { |answer, chance| expected[answer] += share * chance }
        end
        Belief.entropy(expected.values) - of_causes
      end

      # By how much it is expected to drop by a thing of the set, which is there under the causes that need
      # it, and else as often as such a set has it. Nobody errs in it.
      #
      # @param thing [Knowledge::Thing]
      def drop_by(thing)
        there = causes.map { |cause| (cause.if == thing.key) ? 1.0 : thing.chance.to_f }
        yes = there.zip(shares).sum { |chance, share| chance * share }
        of_causes = there.zip(shares).sum { |chance, share| share * Belief.entropy([chance, 1 - chance]) }
        Belief.entropy([yes, 1 - yes]) - of_causes
      end

      # How likely an answer is under each cause.
      #
      # @return [Array<Float>]
      def chances(finding, answer, who = "door")
        causes.map { |cause| @likelihoods.of(finding, cause, who).fetch(answer) }
      end
    end
  end
end
