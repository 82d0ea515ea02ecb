# frozen_string_literal: true

module YellowTrack
  module Desk
    # Other ways of an opening that could be hung there, with what the job would come to more or less by each: what an
    # offer has as its options.
    class OfferWays
      FEW = 4

      # key; what, in words; outline, as a list draws it; more, than the set in mind, before tax.
      Way = Struct.new(:key, :what, :outline, :more, keyword_init: true)

      # @param job [Job]
      # @param offering [Offering]
      def initialize(job, offering)
        @job, @book, @offering = job, job.book, offering
      end

      # The first ways that fit, whose materials all have a price.
      #
      # @param letter [String]
      # @return [Array<Way>]
      def of(letter)
        opening = @job.openings.find { |one| one.letter == letter }
        return [] unless opening&.plan && !opening.others?

        choice = SetChoice.new(opening)
        return [] if choice.refusal

        now = cost(opening)
        fitting = choice.choice.ranked.lazy.reject(&:in_mind?).select { |one| one.state == "fits" }
        fitting.filter_map { |one| way(opening, choice, one, now:) }.first(FEW)
      end

      private

      def way(opening, choice, candidate, now:)
        other = with(opening, choice.set_of(candidate))
        return if other.plan.nil? || unpriced?(other)

        Way.new(key: SetChoice.key_of(candidate), outline: Outline.of(other.survey, other.plan),
          more: @offering.price.marked_up(cost(other) - now), what: Bill.words(other))
      end

      # The same opening with another set.
      def with(opening, set)
        row = opening.row.dup.tap { |one| one.document = one.document.with("set", set) }
        KeptOpening.new(@book, row, rules: @job.rules)
      end

      def share(opening) = Shares.of(@book, opening, Agenda.new(opening, @job.figures).steps)

      def cost(opening) = @offering.cost(share(opening))

      def unpriced?(opening) = @offering.materials(share(opening)).materials.any? { |line| line.each.nil? }
    end
  end
end
