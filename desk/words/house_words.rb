# frozen_string_literal: true

module YellowTrack
  module Desk
    # House rules that are words of the firm's own, kept as they were typed: what its money is called, and what stands
    # beside its name at the head of its papers.
    module HouseWords
      # key; label; longest, characters; why, what it is for
      Word = Struct.new(:key, :label, :longest, :why, keyword_init: true)

      CURRENCY, ADDRESS, TELEPHONE, MAIL, TAX_NUMBER, TAX, TERMS = %w[offer.currency firm.address firm.telephone
        firm.mail firm.tax_number offer.tax offer.terms]
      AT_HEAD = [ADDRESS, TELEPHONE, MAIL].freeze
      ALL = [
        Word.new(key: CURRENCY, label: "Currency", longest: 8,
          why: "Stands behind every sum of money, on pages and offers."),
        Word.new(key: ADDRESS, label: "Address of the firm", longest: 120, why: "Stands at the head of every paper."),
        Word.new(key: TELEPHONE, label: "Telephone", longest: 40, why: "Beside it, so that a customer can call."),
        Word.new(key: MAIL, label: "Mail of the firm", longest: 120, why: "Beside it, so that a customer can write."),
        Word.new(key: TAX_NUMBER, label: "Tax number", longest: 40, why: "Stands on every offer."),
        Word.new(key: TAX, label: "Tax, %", longest: 40,
          why: "On every offer. Of several rates the first is the usual one: 20, 10."),
        Word.new(key: TERMS, label: "Terms of an offer", longest: 500, why: "How it is paid, and what is not in it.")
      ].freeze

      PERCENT = /\A\d{1,3}(?:\.\d{1,4})?\z/

      module_function

      # @param key [String]
      # @return [Word, nil]
      def find(key) = ALL.find { |word| word.key == key }

      # What the house's money is called.
      #
      # @param rules [Hash{String => String}] as they are set
      # @return [String] empty where nobody said
      def currency(rules) = rules[CURRENCY].to_s

      # What stands at the head of every paper: the firm's name, address and telephone.
      #
      # @return [String, nil]
      def letterhead(book)
        rules = book.house_rules.all
        told = [book.accounts.firm, *rules.values_at(*AT_HEAD)].map(&:to_s).reject(&:empty?)
        told.join(" · ") if told.any?
      end

      # Rates of tax that are set, the usual one first.
      #
      # @param rules [Hash{String => String}]
      # @return [Array<Rational>] per cent
      def rates(rules) = rules[TAX].to_s.split(/[\s;]+|,(?=\s|\z)/).filter_map { |text| percent(text) }.uniq

      # A rate as it is read: "7.5".
      def rate(number) = format("%.4f", number).sub(/\.?0+\z/, "")

      # @return [Rational, nil] from 0 to 100; nil for what is none
      def percent(text)
        plain = text.to_s.strip.delete_suffix("%").strip.tr(",", ".")
        number = plain.match?(PERCENT) ? Rational(plain) : nil
        number if number&.between?(0, 100)
      end

      # @raise [Fault]
      def keep(book, key, typed, who: nil)
        text, word = typed.to_s.gsub(/[[:space:]]+/, " ").strip, find(key)
        check_rates(text) if key == TAX
        return book.house_rules.set(key, text, who:) if text.length <= word.longest

        raise Fault.new("\"#{text[0, 40]}\" has #{text.length} characters, too many for the #{word.label.downcase}. " \
          "It takes #{word.longest}.", key:)
      end

      # @raise [Fault] for a rate that is none
      def check_rates(text)
        wrong = text.split(/[\s;]+|,(?=\s|\z)/).reject(&:empty?).find { |one| percent(one).nil? } or return
        raise Fault.new("\"#{wrong[0, 40]}\" is no rate of tax. Write rates in per cent, as 20, 7.5.", key: TAX)
      end
    end
  end
end
