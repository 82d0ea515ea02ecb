# frozen_string_literal: true

require "date"

module YellowTrack
  module Desk
    # Days and sums as the house's customers read them.
    class CustomerWords
      DATES = {"long" => "%-d %B %Y", "iso" => "%Y-%m-%d", "dots" => "%d.%m.%Y", "slashes" => "%d/%m/%Y",
               "month" => "%m/%d/%Y"}.freeze
      # What stands between thousands, and before hundredths.
      NUMBERS = {"point" => [Length::Printer::NBSP, "."], "comma" => [Length::Printer::NBSP, ","],
                 "thousands" => [",", "."], "dots" => [".", ","]}.freeze

      # @param rules [Hash{String => String}] of the house
      def initialize(rules)
        @date = DATES.fetch(rules["offer.date"], DATES["long"])
        @between, @before = NUMBERS.fetch(rules["offer.numbers"], NUMBERS["point"])
      end

      # A day.
      #
      # @param day [Date]
      def day(day) = day.strftime(@date)

      # A sum, in hundredths.
      #
      # @param currency [String, nil]
      def money(amount, currency = nil)
        whole, cents = format("%.2f", amount.abs).split(".")
        grouped = whole.reverse.scan(/\d{1,3}/).join(@between).reverse
        text = "#{"−" if amount.negative?}#{grouped}#{@before}#{cents}"
        [text, currency].compact.reject(&:empty?).join(Length::Printer::NBSP)
      end
    end
  end
end
