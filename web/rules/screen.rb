# frozen_string_literal: true

module YellowTrack
  module Web
    module Rules
      # House rules: what every new job and opening starts from.
      class Screen < Web::Screen
        def template = "rules/page"

        def title = "House rules"

        # @return [Array<Files::HouseRules::Rule>]
        def rules = Files::HouseRules.all

        # What a rule is set to.
        def value(rule) = set[rule.key] || rule.usual

        def id(rule) = "rule-#{rule.key.tr(".", "-")}"

        def currency_typed = fault ? typed_at(Desk::Currency::KEY) : Desk::Currency.of(set)

        def kept? = params.key?("kept")

        private

        def set = @set ||= book.house_rules.all
      end
    end
  end
end
