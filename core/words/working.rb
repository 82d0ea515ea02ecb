# frozen_string_literal: true

module YellowTrack
  # The ledger a set writes as it is worked out (handbook 1): every number
  # that reaches a person, with its name, symbol, formula, the same with the
  # numbers put in, and a line that says why. Working the formula out is what
  # gives the number, so the two cannot differ.
  class Working
    # Names of what a number is rounded to.
    STEPS = %i[grain step].freeze

    # A number in a sum that is no length: a weight, an angle, a share.
    Plain = Struct.new(:number, :suffix)

    # One line of the ledger.
    #
    # key    [String] where the number stands in the plan, as in "panels.width"
    # title  [String] name and symbol: "Panel width, P"
    # from   [Symbol] :kit, :survey, :fitter or :handbook
    # unit   [String] "mm", "kg", "°" or "" for a bare number
    # source [String, nil] the reading, choice or kit key it was taken from
    Entry = Struct.new(:key, :title, :value, :formula, :values, :unit, :why, :from, :source) do
      # @return [String] "Panel width" of "Panel width, each"
      def name = title.split(", ", 2).first

      # @return [String, nil]
      def symbol = title.split(", ", 2)[1]

      # The formula with its numbers put in, lengths as the printer writes
      # them. A sum of another unit is worked in millimetres.
      def sum(printer = MILLIMETRES) = formula ? put_in(Formula.of(formula), printer) : written(value, told_by(printer))

      # The same in short, as a person says it: rounding to a grain and "not
      # under nothing" left out where they change nothing and told behind it
      # where they do, "least of" for least(…) where nothing comes after it.
      def short(printer = MILLIMETRES)
        return written(value, told_by(printer)) unless formula

        inner = Formula.of(formula).inner
        said = put_in(inner, printer).gsub(/\b(least|most)\(([^()]*)\)(?=\)|\z)/, '\1 of \2')
        "#{said}#{rounded_from(inner.value(values), printer)}"
      end

      # What it comes to, as it stands at the end of its sum; of a sum in another unit than it is
      # shown in, in both.
      #
      # @return [String] "919.0", "36.063 = 36 1/16", "1 692 mm = 66 5/8", "51.2 %", "17.1 kg"
      def result(printer = MILLIMETRES)
        own = told_by(printer)
        return "#{own.with_unit(value)} = #{printer.text(value)}" if length? && own.unit != printer.unit
        return printer.result(value) if length?
        return "#{value} #{unit}".strip if value.is_a?(Integer)

        (unit == "") ? "#{(value * 100).to_f.round(1)} %" : "#{value.to_f.round(1)} #{unit}"
      end

      # All of it in one line: title, formula, its numbers and what it comes to.
      #
      # @return [String]
      def line(printer = MILLIMETRES) = "#{title}: #{formula} = #{sum(printer)} = #{result(printer)}"

      # Whether it is shown in the reader's own unit.
      def length? = unit == "mm"

      # The value worked out again from its formula.
      def again = formula ? Formula.of(formula).value(values) : value

      # @return [Hash] as it stands in the plan's file
      def to_h
        {"name" => name, "symbol" => symbol, "formula" => formula || name, "sum" => sum,
         "value" => Numbers.rounded(value),
         "unit" => unit, "why" => why, "from" => from.to_s}
      end

      private

      # A number that is rounded to a grain is told in the unit that the grain is exact in: in the
      # other one its sum would come out a grain off.
      def told_by(printer)
        return MILLIMETRES unless length?
        return printer unless values && (grain = values.values_at(*STEPS).compact.first)

        unit = Length.inch?(grain) ? :in : :mm
        (unit == printer.unit) ? printer : Length::Printer.derived(unit)
      end

      # How a sum that was rounded, or stopped at nothing, came to its number; and what it is in, where
      # that is another unit than the one shown.
      def rounded_from(worked, printer)
        own = told_by(printer)
        unit = (own.unit == printer.unit || !length?) ? "" : "\u00A0#{own.unit}"
        if own.term(worked) == own.term(value)
          return unit.empty? ? "" : " = #{own.term(value)}#{unit}"
        end

        " = #{own.term(worked)}#{unit}, #{way_from(worked)}"
      end

      def way_from(worked)
        return "not under 0" if worked.negative?

        (worked > value) ? "down" : "up"
      end

      # A number under nothing stands in brackets, but at the start of a sum or of a bracket.
      def put_in(formula, printer)
        own = told_by(printer)
        places = places_for(own)
        formula.with(values) { |given, name| written(given, own, step: STEPS.include?(name), places:) }
          .gsub(/(?<=[+−×÷] )(−[\d.\u00A0]+)/, '(\1)')
      end

      # Decimals that the terms of a sum take: more than usual where what is rounded to a grain would
      # come out another with a pencil (2029.9998 − 27 is no 2003).
      def places_for(printer)
        usual = Length::Printer::PLACES
        return usual unless length? && STEPS.any? { |step| values.key?(step) }

        printed = values.to_h { |name, given| [name, STEPS.include?(name) ? given : as_printed(given, printer)] }
        (Formula.of(formula).value(printed) == value) ? usual : 2 * usual
      end

      def as_printed(given, printer)
        return given.map { |one| as_printed(one, printer) } if given.is_a?(Array)

        (given.is_a?(Plain) || given.is_a?(Integer)) ? given : printer.as_term(given)
      end

      def written(given, printer, step: false, places: Length::Printer::PLACES)
        return printer.step(given) if step && !given.is_a?(Plain)

        case given
        when Plain then "#{MILLIMETRES.term(given.number)}#{given.suffix}"
        when Integer then given.to_s.sub("-", Length::Printer::MINUS)
        else printer.term(given, places:)
        end
      end
    end

    MILLIMETRES = Length::Printer.derived(:mm)

    # A value as a formula takes it.
    def self.bare(value) = value.is_a?(Plain) ? value.number : value

    # @param places [#include?, nil] what its keys may be; nil for those of a plan (Ledger)
    def initialize(places = nil)
      @places = places
      @entries = {}
    end

    # Works a number out and writes it down.
    #
    # @param key [String] its place in the plan
    # @param title [String] name and symbol: "Panel width, P"
    # @param formula [String] see Formula
    # @param why [String] one line
    # @param unit [String] what comes out
    # @param values [Hash] lengths as Rational or Float millimetres, counts
    #   as Integer, the rest as Plain
    # @return [Numeric]
    def sum(key, title, formula, why:, unit: "mm", from: :handbook, **values)
      value = Formula.of(formula).value(values)
      note(Entry.new(key, title, value, formula, values, unit, why, from, nil))
    end

    # Writes down a number taken as it is, from a kit or a fitter.
    #
    # @return [Numeric] the number
    def given(key, title, value, from:, why:, unit: "mm", source: nil)
      note(Entry.new(key, title, value, nil, nil, unit, why, from, source))
    end

    # @param key [String] a place of the ledger
    # @return [Entry, nil] nil where the set has no such number
    # @raise [KeyError] for a place that there is not: a mistake of ours
    def [](key) = @entries[key] || declared(key)

    # The same for a key that came from outside.
    #
    # @return [Entry, nil]
    def find(key) = @entries[key]

    # @return [Array<Entry>] in the order in which they were worked
    def entries = @entries.values

    # A plan is kept and shared: nothing is written to it any more.
    def freeze
      @entries.freeze
      super
    end

    private

    # @return [nil]
    def declared(key)
      known = @places ? @places.include?(key) : Ledger.place?(key)
      raise KeyError, "The ledger has no place \"#{key}\"." unless known
    end

    def note(entry)
      declared(entry.key) unless @entries.key?(entry.key)
      @entries[entry.key] = entry.freeze
      entry.value
    end
  end
end
