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

      # Writes down what the cause had before anything was asked: of what is left to the known causes by how often it
      # is this, and what the firm's counts make of that.
      def start(work, diagnosis, cause)
        share = told_share(work, diagnosis.prior, cause)
        prior = diagnosis.prior
        return share if diagnosis.door.counts.empty?

        shifted = prior.causes.sum { |one| prior.share(one) * prior.shift(one) }
        work.sum("share.#{cause.key}.counts", "Share by the firm's own mends", "share × shift ÷ all shifted",
          unit: "", share: plain(share), shift: plain(prior.shift(cause)), all_shifted: plain(shifted),
          why: "What mends here proved to be, never more than a third or three times.")
      end

      # By what is told alone.
      def told_share(work, prior, cause)
        key, none = "share.#{cause.key}", plain(prior.share(prior.causes.last))
        if cause.none?
          return work.sum(key, "Share of a cause that no file knows", "left", unit: "", left: none,
            why: "Some doors have what nobody wrote down yet.")
        end

        work.sum(key, "Share by what is told", "(1 − none) × weight ÷ all weights", unit: "", none:,
          weight: plain(prior.weight(cause)), all_weights: plain(prior.whole),
          why: "How often it is this, of doors that such things are told of.")
      end

      # Writes down what one answer did to the cause's share.
      def after(work, diagnosis, cause, taken:, share:, place:)
        finding, answer, before, who = taken.to_a
        likely = diagnosis.likelihoods.of(finding, cause, who).fetch(answer)
        says = before.says(finding, answer, who)[place]
        work.sum("share.#{cause.key}.#{finding.key}", "Share after “#{answer.tr("_", " ")}”",
          "share × likely under it ÷ likely under all", unit: "", share: plain(share), likely_under_it: plain(likely),
          likely_under_all: plain(before.chance(finding, answer, who)),
          why: "#{finding.ask} #{says.negative? ? "Speaks against it" : "Speaks for it"}: #{bits(says)}.")
      end

      # @return [Working::Plain] a number without a unit
      def plain(number) = Working::Plain.new(number, "")

      # @return [String] "+1.25 bit": for it, or against it
      def bits(says) = "#{says.negative? ? "−" : "+"}#{says.abs.round(2)} bit"
    end
  end
end
