# frozen_string_literal: true

require "yaml"

module YellowTrack
  module Files
    # The house rules that there are, and what they make of a new opening.
    module HouseRules
      # key, label and why; options, value to words, the usual one first; and
      # for a school of a set's: its key there and the families that have it.
      Rule = Struct.new(:key, :label, :why, :options, :set, :families, keyword_init: true) do
        # @return [String] what holds while nobody said otherwise
        def usual = options.keys.first
      end

      module_function

      # @return [Array<Rule>]
      def all
        @all ||= YAML.safe_load_file("#{ROOT}/data/house_rules.yml").map do |rule|
          Rule.new(**rule.transform_keys(&:to_sym), options: rule["options"].transform_keys(&:to_s)).freeze
        end
      end

      # @return [Rule, nil]
      def [](key) = all.find { |rule| rule.key == key }

      # The rule that a set's key stands under for a family.
      #
      # @return [Rule, nil]
      def school(set_key, family) = schools[[set_key, family]]

      # Every school, by its key in a set and the family.
      def schools
        @schools ||= all.select(&:set).flat_map { |rule| rule.families.map { |family| [[rule.set, family], rule] } }
          .reverse.to_h
      end

      # The choices that a new set of a family starts with.
      #
      # @param rules [Hash{String => String}] as they are set
      # @return [Hash] for the opening file's "set"
      def for_set(rules, family)
        all.select { |rule| rule.families&.include?(family) && rules[rule.key] }
          .to_h { |rule| [rule.set, set_value(rule, rules[rule.key])] }.compact
      end

      # The same, typed: as a plan takes them.
      #
      # @return [Hash]
      def typed_for_set(rules, family)
        for_set(rules, family).transform_values do |value|
          value.is_a?(Hash) ? value.transform_values { |text| Length.parse(text, unit: :mm).mm } : value
        end
      end

      # The grain of a new opening, nil for the usual.
      def grain(rules, units) = rules["grain.#{units}"]

      # A tolerance as it is set, mm; nil for the usual where that depends.
      #
      # @param name ["cut", "even"]
      def tolerance(rules, name)
        rule = self["tolerance.#{name}"]
        text = rules[rule.key] || rule.usual
        text.empty? ? nil : Length.parse(text, unit: :mm).mm
      end

      # What the saw takes, mm.
      #
      # @return [Hash{Symbol => Rational}] kerf and trim
      def saw(rules)
        %i[kerf trim].to_h do |name|
          [name, Length.parse(rules["saw.#{name}"] || self["saw.#{name}"].usual, unit: :mm).mm]
        end
      end

      # @return [Object] as an opening has it: a half jamb is a piece of wood there, "open" none
      def set_value(rule, value)
        return value unless rule.set == "half_jamb"

        (value == "open") ? nil : {"thickness" => value}
      end
    end
  end
end
