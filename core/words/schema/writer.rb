# frozen_string_literal: true

module YellowTrack
  class Schema
    # Writes a typed document so that it reads back the same: lengths exactly,
    # in the document's own unit.
    class Writer
      # @param schema [Schema]
      # @param unit [:mm, :in]
      def initialize(schema, unit)
        @schema = schema
        @unit = unit
      end

      # @param value [Object] a part of the typed document
      # @param rules [Hash] the part of the schema for it
      def value(value, rules)
        rules = branch(rules, value)
        case value
        when Hash then value.to_h { |key, inner| [key, value(inner, rules["properties"].fetch(key))] }
        when Array then value.map { |item| value(item, rules["items"]) }
        when Rational then rules["format"] ? length(value) : decimal(value)
        else value
        end
      end

      private

      def branch(rules, value)
        rules = @schema.fetch(rules["$ref"]) while rules["$ref"]
        return rules unless rules["anyOf"]

        rules["anyOf"].map { |one| branch(one, value) }.find { |one| Sentence.new(value, one).fits? }
      end

      # A whole number where it is one, else a fraction: no decimal is exact
      # for every length.
      def length(mm)
        number = Length.in_unit(mm, @unit)
        return number.to_i if number.denominator == 1

        whole, part = number.abs.divmod(1)
        "#{"-" if number.negative?}#{"#{whole} " unless whole.zero?}#{part.numerator}/#{part.denominator}"
      end

      # A kit's numbers came from decimals and go back to them.
      def decimal(number) = (number.denominator == 1) ? number.to_i : number.to_f
    end
  end
end
