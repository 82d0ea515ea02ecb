# frozen_string_literal: true

module YellowTrack
  module Practice
    # An answer beside the right one (handbook 12, "Grades"): graded by how far it is off,
    # the likely slip named. A length; other kinds of answers are marked each in their own
    # way.
    class Mark
      POINTS = {exact: 3, good: 2, usable: 1, wrong: 0}.freeze
      MOST = POINTS.fetch(:exact)
      GOOD = {"mm" => 1r, "in" => 254r / 160}.freeze # mm; a sixteenth
      USABLE = 3r # mm, where the set still goes in
      ELSE = 12r # mm that an answer counts as, where it is drawn, which no length says the error of

      # @param part [Part]
      # @param given [Object] as it was answered, of the part's kind
      # @param question [Question]
      # @return [Mark]
      def self.of(part, given, question)
        {choice: Chosen, count: Chosen, layers: LayersMark, bars: BarsMark, turns: TurnsMark, cause: CauseMark}
          .fetch(part.kind, Mark).new(part, given, grain: question.grain, units: question.units)
      end

      # @return [Part]
      attr_reader :part
      # @return [Rational, String] mm, as it was answered; or of another kind
      attr_reader :given

      # @param part [Part]
      # @param given [Object]
      # @param grain [Rational] mm; an answer that is nearer is exact
      # @param units [String] "mm" or "in"
      def initialize(part, given, grain:, units:)
        @part, @given, @grain, @units = part, given, grain, units
      end

      # @return [Numeric] mm that it is over the right one; negative under it
      def off = given - part.answer

      # @return [Symbol] :exact, :good, :usable or :wrong
      def grade
        far = off.abs
        return :exact if far < exactly
        return :good if far <= GOOD.fetch(@units)

        (far <= USABLE && site.nil?) ? :usable : :wrong
      end

      # @return [Integer] by chapter 12
      def points = POINTS.fetch(grade)

      # The slip whose answer this is; nil for none that is known.
      #
      # @return [Slip, nil]
      def slip
        return if grade == :exact

        part.slips.select { |slip| (slip.value - given).abs < exactly }.min_by { |slip| (slip.value - given).abs }
      end

      # What happens on site by it; nil where the set still goes in.
      #
      # @return [String, nil]
      def site = off.positive? ? part.over : part.under

      # How far off it is, as mm that can be told; nil where no length says it.
      def told_off = off

      private

      # Nearer than three quarters of a grain it is the same number, however it was rounded.
      def exactly = @grain * 3 / 4
    end
  end
end
