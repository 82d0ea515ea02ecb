# frozen_string_literal: true

module YellowTrack
  module Desk
    # What the house's money is called: one of the house rules, kept as it was typed.
    module Currency
      KEY = "offer.currency"
      LONGEST = 8

      module_function

      # @param rules [Hash{String => String}] as they are set
      # @return [String] empty where nobody said
      def of(rules) = rules[KEY].to_s

      # @raise [Fault]
      def keep(book, typed, who: nil)
        text = typed.to_s.strip
        return book.house_rules.set(KEY, text, who:) if text.length <= LONGEST

        raise Fault.new("\"#{text[0, 40]}\" has #{text.length} characters, too many for the currency. It takes " \
          "#{LONGEST}.", key: "currency")
      end
    end
  end
end
