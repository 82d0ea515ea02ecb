# frozen_string_literal: true

module YellowTrack
  class Schema
    # One reading of one document.
    class Reader
      PARTS = 2 # steps down to which a group is read once and kept

      attr_reader :faults

      # @param unit [:mm, :in] of lengths without a unit
      def initialize(schema, unit)
        @schema = schema
        @unit = unit
        @faults = []
      end

      # @param value [Object] a part of the document
      # @param rules [Hash] the part of the schema for it
      # @param path [Array<String, Integer>] where it stands
      # @return [Object, nil] the part, typed; nil where it is at fault
      def value(value, rules, path)
        return fault(path, Sentence.new(value, rules).whole) if path.empty? && !value.is_a?(Hash)

        rules = resolved(rules, value)
        wrong = Sentence.new(value, rules).wrong
        return fault(path, wrong) if wrong

        case value
        when Hash then rules["properties"] ? object(value, rules, path) : value # one of any keys is taken as it is
        when Array then value.each_with_index.map { |item, place| value(item, rules["items"] || {}, path + [place]) }
        else scalar(value, rules, path)
        end
      end

      private

      # Follows a reference, and takes the branch of an "anyOf" that the
      # value's kind asks for.
      def resolved(rules, value)
        rules = @schema.fetch(rules["$ref"]) while rules["$ref"]
        return rules unless rules["anyOf"]

        branches = rules["anyOf"].map { |branch| resolved(branch, value) }
        branches.find { |branch| Sentence.new(value, branch).fits? } || branches.last
      end

      def object(given, rules, path)
        known = rules["properties"]
        unknown(given, known, path)
        missing(given, rules, path)
        given.slice(*known.keys).to_h { |key, inner| [key, part(inner, known[key], path + [key])] }
      end

      def part(group, rules, path)
        return value(group, rules, path) if path.length > PARTS || !(group.is_a?(Hash) || group.is_a?(Array))

        typed, faults = @schema.part(path, @unit, group) { |reader| reader.value(group, rules, path) }
        @faults.concat(faults)
        typed
      end

      def unknown(given, known, path)
        (given.keys - known.keys).each do |key|
          fault(path + [key], "no such key. Known here: #{known.keys.join(", ")}.")
        end
      end

      def missing(given, rules, path)
        (required(given, rules) - given.keys).each { |key| fault(path + [key], "missing. It is needed here.") }
      end

      def required(given, rules)
        further = (rules["allOf"] || []).select { |branch| holds?(given, branch["if"]) }
        [rules, *further.map { |branch| branch["then"] }].flat_map { |part| part["required"] || [] }
      end

      def holds?(given, condition)
        condition["properties"].all? { |key, rule| given[key] == rule["const"] }
      end

      def scalar(value, rules, path)
        case rules["format"]
        when "length" then length(value, path, signed: false)
        when "signed length" then length(value, path, signed: true)
        when "grain" then grain(value, path)
        else number(value, rules)
        end
      end

      # JSON's decimals, exactly.
      def number(value, rules)
        return value.to_i if rules["type"].to_s.include?("integer") && value

        value.is_a?(Numeric) ? Rational(value.to_s) : value
      end

      def length(value, path, signed:)
        value && Length.parse(value, unit: @unit, signed:).mm
      rescue Fault => e
        fault(path, e.words)
      end

      # What cuts are rounded to has to be something.
      def grain(value, path)
        grain = length(value, path, signed: false)
        return grain if grain.nil? || Length::GRAINS.cover?(grain)

        fault(path, "\"#{value}\" is no grain. It takes 0.1 mm to 50 mm, as in 1 mm or 1/16 in.")
      end

      def fault(path, words)
        @faults << Fault.new(words, key: path.empty? ? "the document" : Schema.key(path))
        nil
      end
    end

    # A path as a fitter reads it: "survey.floor[2][0]".
    def self.key(path)
      path.map { |step| step.is_a?(Integer) ? "[#{step}]" : ".#{step}" }.join.delete_prefix(".")
    end
  end
end
