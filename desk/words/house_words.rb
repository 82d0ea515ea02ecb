# frozen_string_literal: true

module YellowTrack
  module Desk
    # House rules that are words of the firm's own, kept as they were typed: what its money is called, and what stands
    # beside its name at the head of its papers.
    module HouseWords
      # key; label; longest, characters; why, what it is for
      Word = Struct.new(:key, :label, :longest, :why, keyword_init: true)

      CURRENCY, ADDRESS, TELEPHONE = %w[offer.currency firm.address firm.telephone]
      ALL = [
        Word.new(key: CURRENCY, label: "Currency", longest: 8,
          why: "Stands behind every sum of money, on pages and offers."),
        Word.new(key: ADDRESS, label: "Address of the firm", longest: 120, why: "Stands at the head of every paper."),
        Word.new(key: TELEPHONE, label: "Telephone", longest: 40, why: "Beside it, so that a customer can call.")
      ].freeze

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
        told = [book.accounts.firm, rules[ADDRESS], rules[TELEPHONE]].map(&:to_s).reject(&:empty?)
        told.join(" · ") if told.any?
      end

      # @raise [Fault]
      def keep(book, key, typed, who: nil)
        text, word = typed.to_s.gsub(/[[:space:]]+/, " ").strip, find(key)
        return book.house_rules.set(key, text, who:) if text.length <= word.longest

        raise Fault.new("\"#{text[0, 40]}\" has #{text.length} characters, too many for the #{word.label.downcase}. " \
          "It takes #{word.longest}.", key:)
      end
    end
  end
end
