# frozen_string_literal: true

require "date"

module YellowTrack
  module Web
    module Job
      # An offer as the customer reads it, for its page and its paper: every sum and day written as the house writes
      # them.
      class OfferContent
        # letter and name of the opening; what is hung there; what it comes to; outline, as a list draws it.
        Line = Struct.new(:letter, :name, :what, :amount, :outline, keyword_init: true)

        # @param book [Store::Book]
        # @param job [Store::Jobs::Job]
        # @param offer [Store::Offers::Offer]
        def initialize(book, job, offer)
          @book, @job, @offer = book, job, offer
          @rules = book.house_rules.all
          @words = Desk::CustomerWords.new(@rules)
        end

        # "Offer 2027-014".
        def title = "Offer #{@offer.number}"

        # The firm: its name, address, telephone, mail, tax number.
        #
        # @return [Array<String>]
        def firm
          [@book.accounts.firm, *@rules.values_at(*Desk::HouseWords::AT_HEAD), tax_number].map(&:to_s).reject(&:empty?)
        end

        # Whom it is made to, a line each; the job where nobody is known.
        #
        # @return [Array<String>]
        def customer
          @book.offers.customer(@offer.id).values_at("name", "address").map(&:to_s).reject(&:empty?)
        end

        # The job and where it is.
        def place = [@job.name, @job.place.to_s].reject(&:empty?).join(", ")

        # When it was made.
        def made = day(@offer.made_on)

        # Up to when it holds.
        def valid = day(@offer.valid_until)

        # What it is for. Offers from before lines had sums have words alone.
        #
        # @return [Array<Line>]
        def lines
          told["lines"].map do |line|
            next Line.new(what: line) if line.is_a?(String)

            Line.new(letter: line["letter"], name: line["name"], what: line["what"], outline: line["outline"],
              amount: money(line["amount"]))
          end
        end

        # Other ways, each with what it comes to more or less.
        #
        # @return [Array<Line>]
        def options
          (told["options"] || []).map do |one|
            amount = one["amount"].to_r
            Line.new(letter: one["letter"], what: one["what"], outline: one["outline"],
              amount: "#{amount.negative? ? "" : "+"}#{money(amount)}")
          end
        end

        # What lines come to, discount and tax: label and sum; empty where there is neither.
        #
        # @return [Array<Array(String, String)>]
        def sums
          sums = told["sums"] or return []
          off = sums["off"].to_r.positive? ? [["discount, #{rate(sums["discount"])} %", money(-sums["off"].to_r)]] : []
          taxes = sums["taxes"].map { |percent, amount| ["tax, #{rate(percent)} %", money(amount)] }
          return [] if off.empty? && taxes.empty?

          [["all of it", money(sums["lines"])], *off, *([["before tax", money(sums["net"])]] if off.any? && taxes.any?),
            *taxes]
        end

        # What the customer pays, in the house's currency.
        def total = money(@offer.total, told["currency"])

        # When it could be done.
        #
        # @return [String, nil]
        def could
          from, to = (told["could"] || {}).values_at("from", "to")
          from && "We could begin on #{day(from)} and be done by #{day(to)}, if we hear from you soon."
        end

        # What is not in it, how it is paid, what else stands on it.
        #
        # @return [Array<Array(String, String)>] head and words
        def words
          {"Not in it" => "without", "Terms" => "terms", "Besides" => "note"}
            .map { |head, key| [head, told[key].to_s] }.reject { |_, text| text.empty? }
        end

        private

        # What it says.
        def told = @offer.told

        def tax_number = (number = told["tax_number"].to_s).empty? ? "" : "tax number #{number}"

        def day(iso) = @words.day(Date.iso8601(iso))

        def money(amount, currency = nil) = @words.money(amount.to_r, currency)

        def rate(text) = Desk::HouseWords.rate(text.to_r)
      end
    end
  end
end
