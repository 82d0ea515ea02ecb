# frozen_string_literal: true

module YellowTrack
  module Web
    module Rules
      # House rules: what every new job and opening starts from.
      class Screen < Web::Screen
        # The template that it is drawn with.
        def template = "rules/page"

        # What stands in the window's own line.
        def title = "House rules"

        # @return [Array<Files::HouseRules::Rule>]
        def rules = Files::HouseRules.all

        # What a rule is set to.
        def value(rule) = set[rule.key] || rule.usual

        # What a rule is called in the page.
        def id(rule) = "rule-#{rule.key.tr(".", "-")}"

        # Rules that are words of the firm's own.
        def own_words = Desk::HouseWords::ALL

        # One of them, as its field stands.
        def typed_word(word) = fault ? typed_at(word.key) : set[word.key].to_s

        # What its form replaces.
        #
        # @return [Hash{String => String}]
        def standing
          {**rules.to_h { |rule| [rule.key, value(rule)] }, **own_words.to_h { |word| [word.key, set[word.key].to_s] }}
        end

        # What a rule is called.
        def label(key) = (rules + own_words).find { |rule| rule.key == key }.label

        # What stands in its field.
        def shown(rule) = fault ? typed_at(rule.key) : value(rule)

        # What rules were before, the latest first.
        #
        # @return [Array<Store::Replaced::Was>]
        def earlier = book.replaced.among("rule", standing.keys)

        # Whether it comes right after a save.
        def kept? = params.key?("kept")

        private

        def set = @set ||= book.house_rules.all
      end
    end
  end
end
