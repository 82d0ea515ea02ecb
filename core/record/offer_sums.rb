# frozen_string_literal: true

module YellowTrack
  # What an offer comes to (handbook 10): lines, less a discount, tax by its rates, the sum; to hundredths.
  class OfferSums
    CENTS = 2

    # @return [Hash{String => Rational}] what each line comes to, before tax
    attr_reader :amounts

    # @param amounts [Hash{String => Rational}] by the opening's letter
    # @param discount [Rational] per cent
    # @param rates [Hash{String => Rational}] of tax, per cent, by the letter
    def initialize(amounts, discount:, rates:)
      @amounts, @discount, @rates = amounts, discount, rates
    end

    # A line's rate.
    def rate(letter) = @rates[letter] || 0r

    # A sum shared by weights, to hundredths, all of it; alike where nothing weighs.
    #
    # @param total [Rational]
    # @param weights [Hash{String => Rational}]
    # @return [Hash{String => Rational}]
    def self.shared(total, weights)
      weights = weights.transform_values { 1r } if weights.values.sum.zero?
      told, left = {}, total.to_r
      weights.each_with_index do |(key, weight), place|
        told[key] = (place == weights.length - 1) ? left : (total * weight / weights.values.sum).round(CENTS)
        left -= told[key]
      end
      told
    end

    # Before the discount.
    def lines = amounts.values.sum(0r)

    # What the discount takes off.
    def off = (lines * @discount / 100).round(CENTS)

    # Before tax.
    def net = lines - off

    # Tax by its rate; of a rate of nothing none.
    #
    # @return [Hash{Rational => Rational}]
    def taxes
      amounts.group_by { |letter, _| rate(letter) }.reject { |rate, _| rate.zero? }
        .to_h { |rate, list| [rate, tax(list.sum { |_, amount| amount }, rate)] }
    end

    # What the customer pays.
    #
    # @return [Rational]
    def total = net + taxes.values.sum(0r)

    # Of an amount less the discount.
    def tax(amount, rate) = (amount * (1 - @discount / 100) * rate / 100).round(CENTS)

    # As an offer keeps it.
    #
    # @return [Hash] exact numbers, as text
    def to_h
      {"lines" => lines.to_s, "discount" => @discount.to_s, "off" => off.to_s, "net" => net.to_s,
       "taxes" => taxes.to_h { |rate, amount| [rate.to_s, amount.to_s] }}
    end
  end
end
