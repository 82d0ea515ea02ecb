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

      # @return [Float] bits that are still open
      def entropy = Belief.entropy(shares)

      # Shares once an answer is known.
      #
      # @param finding [Finding]
      # @param answer [String]
      # @return [Belief]
      def after(finding, answer)
        Belief.new(causes, chances(finding, answer).zip(shares).map { |chance, share| chance * share }, @likelihoods)
      end

      # How likely an answer is, of all causes together: Σ p(c)·L(a|c).
      def chance(finding, answer) = chances(finding, answer).zip(shares).sum { |chance, share| chance * share }

      # What an answer says for each cause, in bits: log₂(L(a|c) ÷ Σ p·L(a|·)).
      #
      # @return [Array<Float>]
      def says(finding, answer)
        expected = chance(finding, answer)
        chances(finding, answer).map { |chance| Math.log2(chance / expected) }
      end

      # By how much the entropy is expected to drop: d = H(A) − Σ p(c)·H(A|c).
      def drop(finding)
        of_causes = causes.zip(shares).sum { |cause, share| share * @likelihoods.entropy(finding, cause) }
        Belief.entropy(@likelihoods.answers(finding).map { |answer| chance(finding, answer) }) - of_causes
      end

      private

      def chances(finding, answer) = causes.map { |cause| @likelihoods.of(finding, cause).fetch(answer) }
    end
  end
end
