# frozen_string_literal: true

module YellowTrack
  class Sure
    # What a slip of a reading does in one direction: the first steps at which it troubles, spoils and is seen, mm; nil
    # for none up to the last. A step takes a whole plan, so one is tried only once it is asked about: whoever wants to
    # know what there is to spare stops at the first that spoils.
    class Way
      # A reading that slips: sign, 1 where it was more, -1 where it was less.
      Slip = Struct.new(:reading, :sign) do
        # An opening with that reading so much more, or less; nil for one that there cannot be.
        #
        # @param step [Rational] mm
        def of(opening, step) = reading.slipped(opening, sign * step)
      end

      # @param reading [Readings::Reading, Readings::Station]
      # @param sign [Integer] 1 where it was more, -1 where it was less
      # @param trial [Trial] of the set
      def initialize(reading, sign, trial)
        @slip, @trial = Slip.new(reading, sign), trial
        @told, @seen = {}, {}
      end

      # Whether the set does not stand a slip of a step, which is one of STEPS, mm.
      def spoilt?(step) = told(step).codes.any?

      # The first step that it does not stand.
      def spoils = STEPS.find { |step| spoilt?(step) }

      # The first at which something is to be watched that was not; nil where it spoils first.
      def troubles
        first = STEPS.find { |step| told(step).troubled || spoilt?(step) }
        first if first && told(first).troubled
      end

      # Codes of the stops that spoil.
      #
      # @return [Array<String>]
      def codes = (step = spoils) ? told(step).codes : []

      # The first sentence of the first of them; nil where nothing spoils.
      def says = (step = spoils) && told(step).says

      # The first step at which the other readings show it.
      def seen = STEPS.find { |step| seen?(step) }

      # The step at which it spoils and nothing has shown it; nil where it is seen first, or does not spoil.
      #
      # @param most [Rational] mm, up to which that is asked
      def unseen(most = STEPS.last)
        first = STEPS.find { |step| step > most || seen?(step) || spoilt?(step) }
        first if first && first <= most && !seen?(first)
      end

      private

      def told(step)
        @told[step] ||= (slipped = @slip.of(@trial.as_cut, step)) ?
          @trial.of(slipped, closure(step, slipped)) : Trial::NOTHING
      end

      # Whether the closure has suspects, as far as it can tell.
      def seen?(step)
        return false unless @slip.reading.closed? && @trial.closure&.checked?

        @seen.fetch(step) do
          slipped = @slip.of(@trial.opening, step)
          @seen[step] = slipped ? closure(step, slipped).suspects.any? : false
        end
      end

      # Solved once for both questions, which come after each other: panels as they are cut change no reading.
      def closure(step, slipped)
        return @trial.closure unless @slip.reading.closed?

        solved = @solved # its own: another thread may solve the next step meanwhile
        solved = @solved = [step, Survey::Closure.new(slipped.survey)] unless solved&.first == step
        solved.last
      end
    end
  end
end
