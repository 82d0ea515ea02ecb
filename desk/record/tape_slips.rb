# frozen_string_literal: true

module YellowTrack
  module Desk
    # What a firm's own tapes are like: readings that were taken twice, and check measurements under a track beside
    # what the survey had them be (handbook 16; the rule by which it speaks is chapter 10's). It changes no step.
    class TapeSlips
      MOST = 500 # readings that are looked at, the latest

      # @param book [Store::Book]
      # @param openings [Array<KeptOpening>] whose check measurements are looked at
      def initialize(book, openings)
        @book, @openings = book, openings
      end

      # @return [Array<Rational>] mm, the second reading less the first
      def differences = @differences ||= twice + checked

      # How far they lie apart, as a standard deviation, mm; nil while there are fewer than two.
      def spread = (Lessons.spread(differences, Lessons::RULES.fetch("tape").floor) if differences.length > 1)

      # The greatest of them, mm; nil for none.
      def most = differences.map(&:abs).max

      # What they teach.
      #
      # @return [Lessons::Lesson, nil]
      def lesson = differences.empty? ? nil : Lessons.tape(differences)

      private

      def twice
        @book.log.twice(MOST).select(&:whole?)
          .map { |entry| exact(entry.after["second"]) - exact(entry.after["first"]) }
      end

      # A check measurement beside the height that the survey alone gave its panels.
      def checked
        @openings.filter_map do |opening|
          next unless opening.plan && opening.survey.check

          before = Reckoned.of(opening.document.with("survey.check", nil).to_h).plan&.set&.height
          opening.plan.set.height - before if before
        end
      end

      def exact(number) = Rational(number.to_s)
    end
  end
end
