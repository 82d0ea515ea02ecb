# frozen_string_literal: true

require "yaml"

module YellowTrack
  module Data
    # The house rules that there are, and what they make of a new opening.
    module HouseRules
      Rule = Struct.new(:key, :label, :why, :options, keyword_init: true) do
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

      # The choices that a new set of a family starts with.
      #
      # @param rules [Hash{String => String}] as they are set
      # @return [Hash] for the opening file's "set"
      def for_set(rules, family)
        strip = rules["half_jamb"]
        {"fit" => rules["fit.#{family}"], "half_jamb" => ({"thickness" => strip} if family == "bifold" && strip && strip != "open")}.compact
      end

      # The grain of a new opening, nil for the usual.
      def grain(rules, units) = rules["grain.#{units}"]
    end
  end
end
