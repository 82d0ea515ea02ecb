# frozen_string_literal: true

module YellowTrack
  module Practice
    # Moves on the bench until the gaps are even (handbook 12): as many as the fewest, and
    # the quarters of the core's own, is exact; half a turn from it, or one move more, good;
    # two more, or turning what was even, usable. It stands on a Bench.
    class TurnsMark < Mark
      HALF = 2 # quarters in half a turn

      # The taper that its first move left.
      #
      # @return [Rational] mm
      def off
        return (given.empty? == part.answer.empty?) ? 0r : ELSE if given.empty? || part.answer.empty?

        bench.left_over(given.first)
      end

      # @return [Symbol] by chapter 12
      def grade
        return :wrong unless bench.even_after?(given)

        return given.empty? ? :exact : :usable if part.answer.empty?

        more = given.length - part.answer.length
        return :exact if more.zero? && beside.zero?

        {0 => (beside <= HALF) ? :good : :usable, 1 => :good, 2 => :usable}.fetch(more, :wrong)
      end

      # @return [Slip, nil] that leads to this answer
      def slip = (grade == :exact || given.empty?) ? nil : part.slips.find { |slip| slip.value.first == given.first }

      # @return [String, nil] what would come of it
      def site = (grade == :wrong) ? "the gaps are still uneven, and the customer sees it" : nil

      private

      def bench = part.stands_on

      # Quarters that its first move turned the panel beside the core's.
      def beside = [given, part.answer].map { |moves| bench.apart(moves.first) }.reduce(:-).abs
    end
  end
end
