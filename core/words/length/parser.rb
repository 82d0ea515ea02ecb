# frozen_string_literal: true

module YellowTrack
  class Length
    # Reads one length as a fitter writes it (handbook 1): `1487`, `148.7cm`,
    # `58 9/16`, `58-9/16"`, `4' 10 9/16"`, `½`, `1 806`, `1,806`, `0,125`,
    # with straight or curly marks.
    class Parser
      VULGAR = {
        "½" => "1/2", "⅓" => "1/3", "⅔" => "2/3", "¼" => "1/4", "¾" => "3/4", "⅕" => "1/5", "⅖" => "2/5",
        "⅗" => "3/5", "⅘" => "4/5", "⅙" => "1/6", "⅚" => "5/6", "⅛" => "1/8", "⅜" => "3/8", "⅝" => "5/8", "⅞" => "7/8"
      }.freeze

      # Marks that mean the same, each to the plain one.
      MARKS = {
        /[’‘′‵´`]/ => "'", /[“”″‶〃]/ => '"', /''/ => '"', /[−–—‐‑]/ => "-", /[⁄∕]/ => "/",
        /[[:space:]]+/ => " ", /[#{VULGAR.keys.join}]/ => VULGAR.transform_values { " #{_1}" }
      }.freeze

      NUMBER = /\d+(?:\.\d*)?|\.\d+/
      # A whole, a fraction, or a whole and a fraction.
      AMOUNT = %r{(?:(?<whole>#{NUMBER})(?:(?:\s?-\s?|\s)(?<part>\d+/\d+))?|(?<alone>\d+/\d+))}
      METRIC = /\A#{AMOUNT}\s?(?<unit>mm|cm|m)?\z/
      INCHES = /\A#{AMOUNT}\s?(?:"|in\.?|inch|inches)\z/
      FEET = /\A(?<feet>#{NUMBER})\s?(?:'|ft\.?|foot|feet)(?:[\s-]*#{AMOUNT}\s?(?:"|in\.?|inch|inches)?)?\z/

      MM_PER = {"mm" => 1, "cm" => 10, "m" => 1000}.freeze
      LONGEST = 60
      EXAMPLES = {mm: "1487 mm or 58 9/16\"", in: "58 9/16 or 1487 mm"}.freeze

      # @param signed [Boolean] whether less than nothing may be typed
      def initialize(written, unit:, signed:)
        raise ArgumentError, "no such unit: #{unit.inspect}" unless UNITS.include?(unit)

        @written = written
        @unit = unit
        @signed = signed
      end

      # @return [Rational] exact millimetres
      # @raise [Fault]
      def millimetres
        refuse("#{quoted} is #{text.length} characters long. That is no length.") if text.length > LONGEST
        sign, size = signed_text
        mm = read(size) or refuse("#{quoted} is not a length.")
        refuse("#{quoted} is under nothing. A length here has no sign.") if sign.negative? && mm.positive? && !@signed
        refuse("#{quoted} is more than #{MOST / 1000} m. That is a slip.") if mm > MOST
        sign * mm
      end

      private

      def text = @text ||= plain(written_text)

      # JSON brings decimals as Floats: their shortest decimal form is what
      # was written, exponents written out.
      def written_text
        return @written.to_s unless @written.is_a?(Float) && @written.finite?

        format("%.12f", Rational(@written.to_s)).sub(/\.?0+\z/, "")
      end

      # Folds what means the same; bare digits need none of it.
      def plain(raw)
        raw = raw.scrub("?")
        return raw if raw.match?(/\A[\d.]+\z/)

        folded = raw.unicode_normalize(:nfc).strip.downcase
        MARKS.reduce(folded) { |text, (mark, simple)| text.gsub(mark, simple) }.strip
      end

      def signed_text
        match = /\A(?<sign>[-+]?)\s*(?<size>.*)\z/.match(text)
        [(match[:sign] == "-") ? -1 : 1, decimal(ungrouped(match[:size]))]
      end

      # Digits may be grouped by a space in threes.
      def ungrouped(size)
        size.gsub(%r{(?<![\d./,])\d{1,3}(?: \d{3})+(?![\d/])}) { |digits| digits.delete(" ") }
      end

      # A comma before exactly three digits groups, unless only 0 stands
      # before it; any other comma is a decimal comma.
      def decimal(size)
        grouped = size.gsub(/(?<![\d,.])(\d+(?:,\d{3})+)(?!\d)/) do |digits|
          digits.match?(/\A0+,/) ? digits.sub(",", ".") : digits.delete(",")
        end
        grouped.sub(/(\d*),(\d+)/) { "#{$1}.#{$2}" }
      end

      def read(size)
        if (match = METRIC.match(size))
          match[:unit] ? amount(match) * MM_PER.fetch(match[:unit]) : own(amount(match))
        elsif (match = INCHES.match(size))
          amount(match) * MM_PER_INCH
        elsif (match = FEET.match(size))
          (number(match[:feet]) * INCHES_PER_FOOT + amount(match)) * MM_PER_INCH
        end
      rescue ZeroDivisionError
        nil
      end

      def own(value) = (@unit == :in) ? value * MM_PER_INCH : value

      def amount(match) = number(match[:whole]) + number(match[:part] || match[:alone])

      def number(digits) = digits ? Rational(digits.sub(/\A\./, "0.").delete_suffix(".")) : 0r

      def quoted = %("#{@written.to_s.scrub("?")[0, LONGEST]}#{"…" if @written.to_s.length > LONGEST}")

      def refuse(wrong) = raise(Fault, "#{wrong} Try #{EXAMPLES.fetch(@unit)}.")
    end
  end
end
