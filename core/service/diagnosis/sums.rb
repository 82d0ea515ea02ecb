# frozen_string_literal: true

module YellowTrack
  class Diagnosis
    # The sum of a cause's share, answer by answer (handbook 13): from its weight among
    # all weights, by how likely each answer is under it and under all together.
    module Sums
      module_function

      # @param diagnosis [Diagnosis]
      # @param cause [Knowledge::Cause] that still stands
      # @return [Array<Working::Entry>] the last is its share
      def of(diagnosis, cause)
        work = Working.new
        place = diagnosis.belief.causes.index(cause)
        share = start(work, diagnosis, cause)
        diagnosis.taken.each { |taken| share = after(work, diagnosis, cause, taken:, share:, place:) }
        work.entries
      end

      # Writes down what the cause had before anything was asked.
      def start(work, diagnosis, cause)
        all = diagnosis.belief.causes.sum { |one| diagnosis.weight(one) }
        work.sum("share.#{cause.key}", "Share by what is told", "weight ÷ all weights", unit: "",
          weight: plain(diagnosis.weight(cause)), all_weights: plain(all),
          why: "How often it is this, of doors that such things are told of.")
      end

      # Writes down what one answer did to the cause's share.
      def after(work, diagnosis, cause, taken:, share:, place:)
        finding, answer, before = taken.to_a
        likely = diagnosis.likelihoods.of(finding, cause).fetch(answer)
        says = before.says(finding, answer)[place]
        work.sum("share.#{cause.key}.#{finding.key}", "Share after “#{answer.tr("_", " ")}”",
          "share × likely under it ÷ likely under all", unit: "", share: plain(share), likely_under_it: plain(likely),
          likely_under_all: plain(before.chance(finding, answer)),
          why: "#{finding.ask} #{says.negative? ? "Speaks against it" : "Speaks for it"}: #{bits(says)}.")
      end

      # @return [Working::Plain] a number without a unit
      def plain(number) = Working::Plain.new(number, "")

      # @return [String] "+1.25 bit": for it, or against it
      def bits(says) = "#{says.negative? ? "−" : "+"}#{says.abs.round(2)} bit"
    end
  end
end
