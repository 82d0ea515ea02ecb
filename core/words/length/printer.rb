# frozen_string_literal: true

module YellowTrack
  class Length
    # Writes lengths of one job: one unit, one step to round to. What the
    # product prints is made here and nowhere else: *cut*, to the grain;
    # *derived*, what follows from readings; *fine*, gaps and turns; *typed*,
    # what stands in a field and is read back to the same length (handbook 1).
    class Printer
      # A space that keeps a number on one line, between thousands.
      GROUP = "\u00A0"
      MINUS = "\u2212"
      NBSP = "\u00A0"

      PLACES = 3 # decimals that are shown at most
      SIXTY_FOURTH = 64 # the finest fraction of a tape

      # What each unit shows of what is derived, and of gaps and turns, in mm.
      DERIVED = {mm: 1r / 10, in: GRAIN[:in]}.freeze
      FINE = {mm: 1r / 10, in: MM_PER_INCH / SIXTY_FOURTH}.freeze
      # As near as a unit shows what is cut in the other one.
      OTHER = {mm: 1r / 10, in: MM_PER_INCH / 32}.freeze

      # By unit and step: screens ask for the same ones over and over.
      KNOWN = Latest.new(64)
      private_constant :KNOWN

      class << self
        # Writes what is cut, to the job's own grain.
        #
        # @param unit [:mm, :in] the job's
        # @param grain [Rational, nil] its grain, mm; nil for the unit's usual
        def cut(unit, grain = nil) = of(unit, grain || GRAIN.fetch(unit))

        # Writes what is derived: a tenth, or the grain where that is finer than
        # a sixteenth.
        def derived(unit, grain = nil) = of(unit, [DERIVED.fetch(unit), grain].compact.min)

        # Writes gaps, turns and what was cut: a tenth, or the 64th.
        def fine(unit) = of(unit, FINE.fetch(unit))

        # Writes lengths of a job in the unit that it is not cut in.
        def other(unit) = of(unit, OTHER.fetch(unit))

        private

        def of(unit, step) = KNOWN.fetch([unit, step]) { new(unit, step) }
      end

      # @return [:mm, :in]
      attr_reader :unit

      # @param unit [:mm, :in]
      # @param grain [Rational] in mm: what is shown is the nearest multiple
      def initialize(unit, grain)
        @unit = unit
        @step = Length.in_unit(grain, unit)
        @places = (0..PLACES).find { |places| (@step * 10**places).denominator == 1 } || PLACES
        freeze
      end

      # @return [Rational] in that unit: what is shown is a multiple of it
      def least = @step

      # @param mm [Numeric] millimetres
      # @param to [:round, :ceil, :floor] the nearest step, the next that is not less, or not more
      # @return [String] "1 806", "916.5", "58 9/16", "−1/16"
      def text(mm, to: :round)
        steps = (Length.in_unit(mm, @unit) / @step).public_send(to)
        size = steps.abs * @step
        signed(steps) { (@unit == :in) ? fraction(size) : decimal(size) }
      end

      # For a sentence: no tenths where there are none.
      #
      # @return [String] "34", "34.5", "58 9/16"
      def short(mm, to: :round) = text(mm, to:).sub(/\.0+\z/, "")

      # @return [String] the same with its unit: "1 806 mm", "58 9/16 in"
      def with_unit(mm, to: :round) = "#{short(mm, to:)}#{NBSP}#{@unit}"

      # What will do, told inward: both ends as they are printed lie in it. Where no step of its own
      # does, in thousandths.
      #
      # @param least [Numeric] mm
      # @param most [Numeric] mm, not under the least
      # @return [String] "43 to 48.9 mm"
      def range(least, most)
        inward = (Length.in_unit(least, @unit) / @step).ceil <= (Length.in_unit(most, @unit) / @step).floor
        return "#{term(least)} to #{term(most)}#{NBSP}#{@unit}" unless inward

        "#{short(least, to: :ceil)} to #{with_unit(most, to: :floor)}"
      end

      # A number as it stands in a sum: decimals, three at most, so that a pencil
      # comes to the same and no sum mixes them with fractions (handbook 15, "On
      # the sheets and screens").
      #
      # @param mm [Numeric] millimetres
      # @param places [Integer] decimals at most
      # @return [String] "919.5", "1.313", "1.339"
      def term(mm, places: PLACES) = signed((Length.in_unit(mm, @unit) * 10**places).round) { |n| trimmed(n, places) }

      # A length as a term of so many decimals has it.
      #
      # @return [Rational] mm
      def as_term(mm, places: PLACES)
        (Length.in_unit(mm, @unit).to_r * 10**places).round / 10r**places * ((@unit == :in) ? MM_PER_INCH : 1)
      end

      # A step that is rounded to, as it stands in a sum: exact, so that a pencil rounds alike.
      #
      # @param mm [Numeric] millimetres
      # @return [String] "1", "1/16" among inches
      def step(mm) = (@unit == :in && Length.inch?(mm)) ? mixed(Rational(Length.in_unit(mm, :in))) : term(mm)

      # What a sum comes to: in inches as the decimal, and as the fraction that
      # it is cut to.
      #
      # @return [String] "919.5", "36.063 = 36 1/16"
      def result(mm)
        return text(mm) unless @unit == :in

        [term(mm), text(mm)].uniq.join(" = ")
      end

      # A length as it stands in a field: the parser reads it back to the same,
      # as a bare number of this unit where three decimals or a 64th can say it,
      # else with the unit that can, else as the fraction that it is.
      #
      # @param mm [Integer, Rational] exact millimetres
      # @return [String] "1806", "71 1/4", "1805 mm"
      def typed(mm)
        own, other = [@unit, *(UNITS - [@unit])].map { |unit| Printer.plain(mm, unit) }
        return own if own

        other ? "#{other} #{(UNITS - [@unit]).first}" : mixed(Length.in_unit(mm, @unit))
      end

      # A length as a bare number of a unit; nil where that does not say it
      # exactly.
      #
      # @return [String, nil]
      def self.plain(mm, unit)
        value = Rational(Length.in_unit(mm, unit))
        return whole_and_part(value) if unit == :in && (SIXTY_FOURTH % value.denominator).zero?
        return if unit == :in || (value * 10**PLACES).denominator != 1

        format("%.#{PLACES}f", value).sub(/\.?0+\z/, "")
      end

      # @return [String] "71 1/4", "-1/16"
      def self.whole_and_part(value)
        whole, part = value.abs.divmod(1)
        written = [(whole.to_s unless whole.zero? && !part.zero?),
          ("#{part.numerator}/#{part.denominator}" unless part.zero?)]
        "#{"-" if value.negative?}#{written.compact.join(" ")}"
      end

      # Digits with their thousands apart.
      #
      # @param digits [String] "1806"
      # @return [String] "1 806"
      def self.grouped(digits) = (digits.length < 4) ? digits : digits.gsub(/(?<=\d)(?=(?:\d{3})+\z)/, GROUP)

      private

      def mixed(value) = Printer.whole_and_part(Rational(value))

      def signed(value) = value.negative? ? "#{MINUS}#{yield(-value)}" : yield(value)

      def trimmed(count, places)
        whole, part = count.divmod(10**places)
        part.zero? ? grouped(whole.to_s) : "#{grouped(whole.to_s)}.#{part.to_s.rjust(places, "0").sub(/0+\z/, "")}"
      end

      def decimal(size)
        whole, part = format("%.#{@places}f", size).split(".")
        [grouped(whole), part].compact.join(".")
      end

      def fraction(size)
        whole, part = size.divmod(1)
        return grouped(whole.to_s) if part.zero?

        "#{"#{grouped(whole.to_s)} " unless whole.zero?}#{part.numerator}/#{part.denominator}"
      end

      def grouped(digits) = Printer.grouped(digits)
    end
  end
end
