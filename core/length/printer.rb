# frozen_string_literal: true

module YellowTrack
  class Length
    # Writes lengths of one job: one unit, one grain.
    class Printer
      # A space that keeps a number on one line, between thousands.
      GROUP = "\u00A0"
      MINUS = "\u2212"
      NBSP = "\u00A0"

      # @param unit [:mm, :in]
      # @param grain [Rational] in mm: what is shown is the nearest multiple
      def initialize(unit, grain)
        @unit = unit
        @step = Length.in_unit(grain, unit)
        @places = @step.denominator.to_s.length - 1
        freeze
      end

      # @param mm [Numeric] millimetres
      # @return [String] "1 806", "34.0", "58 9/16", "−1/16"
      def text(mm)
        steps = (Length.in_unit(mm, @unit) / @step).round
        size = steps.abs * @step
        signed(steps) { (@unit == :in) ? fraction(size) : decimal(size) }
      end

      # For a sentence: no tenths where there are none.
      #
      # @return [String] "34", "34.5", "58 9/16"
      def short(mm) = text(mm).sub(/\.0+\z/, "")

      # @return [String] the same with its unit: "1 806 mm", "58 9/16 in"
      def with_unit(mm) = "#{short(mm)}#{NBSP}#{@unit}"

      # The number as it stands in a sum: exact where a 64th or three decimals
      # can say it, so that a pencil comes to the same.
      #
      # @param mm [Numeric] millimetres
      # @return [String] "919.5", "1 5/16", "1.339"
      def exact(mm)
        value = Length.in_unit(mm, @unit)
        return signed(value) { fraction(_1) } if @unit == :in && value.is_a?(Rational) && (64 % value.denominator).zero?

        signed((value * 1000).round) { |thousandths| trimmed(thousandths) }
      end

      private

      def signed(value) = value.negative? ? "#{MINUS}#{yield(-value)}" : yield(value)

      def trimmed(thousandths)
        whole, part = thousandths.divmod(1000)
        part.zero? ? grouped(whole.to_s) : "#{grouped(whole.to_s)}.#{part.to_s.rjust(3, "0").sub(/0+\z/, "")}"
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

      def grouped(digits) = (digits.length < 4) ? digits : digits.gsub(/(?<=\d)(?=(?:\d{3})+\z)/, GROUP)
    end
  end
end
