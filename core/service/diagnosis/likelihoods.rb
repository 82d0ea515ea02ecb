# frozen_string_literal: true

module YellowTrack
  class Diagnosis
    # How likely each answer of a finding is under a cause (handbook 13, "Which
    # cause"): by the cause's evidence, else as it is met anyhow. Answers that a
    # symptom makes impossible are dropped, the rest brought back to a sum of 1; then a
    # part of it is spread evenly over them, by who answers.
    class Likelihoods
      # Of one finding under one cause.
      Row = Struct.new(:chances, :entropy)

      SURE = {"door" => 0, "phone" => 0}.freeze # nobody errs

      # @param symptoms [Array<Knowledge::Symptom>] that were chosen
      # @param soften [Hash{String => Float}] the part that is spread, by who answers
      def initialize(symptoms, soften = SURE)
        @soften = soften
        @ruled_out = symptoms.map(&:rules_out).reduce({}) { |all, one| all.merge(one) { |_, some, more| some | more } }
        @rows = {}
        @answers = {}
      end

      # Answers that can be given.
      #
      # @param finding [Finding]
      # @return [Array<String>]
      def answers(finding) = @answers[finding.key] ||= finding.answers - ruled_out(finding)

      # @return [Array<String>] causes under which its answer cannot be
      def ruled_out(finding) = @ruled_out.fetch(finding.key, [])

      # @param finding [Finding]
      # @param cause [Knowledge::Cause]
      # @param who ["door", "phone"] who answers
      # @return [Hash{String => Float}] by answer
      def of(finding, cause, who = "door") = row(finding, cause, who).chances

      # Its chances, and their entropy in bits: H(A|c). Causes that have no say in it share a row.
      #
      # @return [Row]
      def row(finding, cause, who = "door")
        rows = (@rows[who] ||= {}.compare_by_identity)[finding] ||= {}
        listed = cause.evidence[finding.key]
        rows[listed && cause.key] ||= made(finding, listed || finding.usual, @soften.fetch(who))
      end

      private

      def made(finding, chances, spread)
        chances = {"yes" => chances, "no" => 1 - chances} if chances.is_a?(Numeric)
        left = chances.slice(*answers(finding))
        total = left.values.sum.to_f
        shared = left.transform_values { |chance| (1 - spread) * chance / total + spread / left.length.to_f }
        Row.new(shared, Belief.entropy(shared.values))
      end
    end
  end
end
