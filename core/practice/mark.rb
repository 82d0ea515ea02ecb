# frozen_string_literal: true

module YellowTrack
  module Practice
    # An answer beside the right one (handbook 12, "Grades"): graded by how far it is off,
    # the likely slip named.
    class Mark
      POINTS = {exact: 3, good: 2, usable: 1, wrong: 0}.freeze
      MOST = POINTS.fetch(:exact)
      GOOD = {"mm" => 1r, "in" => 254r / 160}.freeze # mm; a sixteenth
      USABLE = 3r # mm, where the set still goes in
      ELSE = 12r # mm that another choice than the right one counts as, where it is drawn

      # @return [Part]
      attr_reader :part
      # @return [Rational, String] mm, as it was answered; or the option
      attr_reader :given

      # @param part [Part]
      # @param given [Rational, String] mm, or one of its options
      # @param grain [Rational] mm; an answer that is nearer is exact
      # @param units [String] "mm" or "in"
      def initialize(part, given, grain:, units:)
        @part, @given, @grain, @units = part, given, grain, units
      end

      # @return [Numeric] mm that it is over the right one; negative under it
      def off
        return (given == part.answer) ? 0r : ELSE if part.choice?

        given - part.answer
      end

      # @return [Symbol] :exact, :good, :usable or :wrong
      def grade
        return (given == part.answer) ? :exact : :wrong if part.choice?

        far = off.abs
        return :exact if far < exactly
        return :good if far <= GOOD.fetch(@units)

        (far <= USABLE && site.nil?) ? :usable : :wrong
      end

      def points = POINTS.fetch(grade)

      # The slip whose answer this is; nil for none that is known.
      #
      # @return [Slip, nil]
      def slip
        return if grade == :exact
        return part.slips.find { |slip| slip.value == given } if part.choice?

        part.slips.select { |slip| (slip.value - given).abs < exactly }.min_by { |slip| (slip.value - given).abs }
      end

      # What happens on site by it; nil where the set still goes in.
      #
      # @return [String, nil]
      def site = off.positive? ? part.over : part.under

      private

      # Nearer than three quarters of a grain it is the same number, however it was rounded.
      def exactly = @grain * 3 / 4
    end
  end
end
