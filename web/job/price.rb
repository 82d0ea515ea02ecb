# frozen_string_literal: true

module YellowTrack
  module Web
    module Job
      # What to buy for a job, and what it costs.
      class Price < Web::Screen
        # Shares and sums that are set once, as they are called.
        SHARES = {"rate" => "an hour", "travel" => "a fixed sum a visit", "visits" => "visits", "waste" => "waste, %",
                  "margin" => "margin, %",
                  "round" => "round up to"}.freeze
        # What is bought, by its unit.
        GROUPS = {"set" => "Kits", "bar" => "Bars", "m²" => "Panels", "piece" => "Small parts"}.freeze
        FEW = 6 # materials without a price that are named

        # @return [Array<String>] what could not be read of the prices
        attr_reader :unread

        # @param desk [Desk::Job]
        # @param unread [Array<String>]
        def initialize(desk, unread: [], **rest)
          super(desk.book, **rest)
          @desk, @unread = desk, unread
        end

        # @return [Store::Jobs::Job]
        def job = @desk.row

        # The template that it is drawn with.
        def template = "job/price"

        # What stands in the window's own line.
        def title = "Buy list and price of #{job.name}"

        # Whether there is nothing to show.
        def nothing? = @desk.bill.nothing?

        # @return [YellowTrack::Price]
        def price = @desk.price

        # Sums of what has a price; nil where nothing of it has one, and it all waits.
        def material_cost = (price.material_cost if price.materials_priced?)

        # What the way costs; nil while it has no price.
        def travel_cost = (price.travel_cost if price.travel_priced?)

        # What the hours cost; nil while an hour has no price.
        def work_cost = (price.labour_cost if price.labour_priced?)

        # Hours and way together, as far as they have a price.
        def work_and_road = price.work_and_road

        # What lines of a group come to; nil while none has a price.
        def cost_of(lines) = YellowTrack::Price.sum(lines)

        # What is to buy, by what it is.
        #
        # @return [Hash{String => Array<YellowTrack::Price::Line>}]
        def groups = price.materials.group_by { |line| GROUPS.fetch(line.unit) }

        # What the job costs the firm; nil while a price is missing.
        def own_cost = (price.own_cost if price.figure?)

        # What the customer pays; nil while a price is missing.
        def total = (price.total if price.figure?)

        # What has no price yet, in words.
        def unpriced
          names = price.unpriced
          "#{names.first(FEW).join(", ")}#{" and #{names.length - FEW} more" if names.length > FEW}"
        end

        # Openings whose panels nobody weighed: their labour is reckoned with two.
        #
        # @return [Array<String>] letters
        def unweighed = @desk.bill.unweighed

        # Shares that are put on, by their keys.
        def shares = SHARES

        # What stands in a price's field.
        def in_field(line) = refused(line.key) || standing[line.key]

        # A share as its field stands.
        def share_in_field(key) = refused(key) || standing[key]

        # What its form replaces.
        #
        # @return [Hash{String => String}]
        def standing
          @standing ||= {**price.materials.to_h { |line| [line.key, plain(prices[line.key] || line.each).to_s] },
                         **SHARES.keys.to_h { |key| [key, plain(prices[key]).to_s] }}
        end

        # What prices were, the latest first.
        #
        # @return [Array<Store::Replaced::Was>] as they were written
        def earlier
          book.replaced.among("price", standing.keys)
            .each { |one| one.before = one.before ? plain(one.before.to_r) : "" }
        end

        # What a price is called.
        def label(key) = price.materials.find { |line| line.key == key }&.name || SHARES[key] || key

        # What stands in an empty field: what is reckoned with then.
        def usual(key) = (key == "visits") ? price.way.trips.to_s : plain(YellowTrack::Price::USUAL[key])

        # Hours of the steps themselves, by their stage; the rest of what is paid is the road, waiting in the house, and
        # people whom no step wants.
        def stages = @desk.bill.stages

        # What has no price yet: no offer goes out before.
        #
        # @return [Array<String>]
        def missing = price.figure? ? price.unpriced : []

        # Rates of tax, as they are read.
        def rates = offering.rates.map { |rate| Desk::HouseWords.rate(rate) }

        # The rate that a line's field shows.
        def typed_tax(letter) = (fault && params["tax"].is_a?(Hash)) ? params["tax"][letter] : rates.first

        # @return [Desk::Offering]
        def offering = @offering ||= Desk::Offering.new(@desk)

        # What stands in a field of an offer.
        def offered(name, usual) = (fault && params.key?(name)) ? typed_at(name) : usual

        private

        def prices = @prices ||= book.prices.all

        # What was typed and could not be read stands where it was typed.
        def refused(key) = unread.any? ? params.dig("price", key) : nil

        # As it was typed: whole, or its decimals and no more.
        def plain(amount) = amount && format("%.6f", amount).sub(/\.?0+\z/, "")
      end
    end
  end
end
