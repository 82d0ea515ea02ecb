# frozen_string_literal: true

require "date"

module YellowTrack
  module Desk
    # A job's price as an offer (handbook 10): one figure for the customer with what it is
    # for; beside it, what it came to by the log.
    class Offering
      DAYS = 30 # an offer is good for
      FAR = 730
      NOTE = 500 # characters

      # What it came to so far: materials fitted, hours ticked, visits made, and the whole.
      CameTo = Struct.new(:materials, :labour, :hours, :visits, :travel, :total, keyword_init: true)

      # @param job [Job]
      # @param today [Date]
      def initialize(job, today: Date.today)
        @job, @today = job, today
      end

      # The book that it is kept in.
      def book = @job.book

      # The job's price.
      def price = @job.price

      # @return [Array<Store::Offers::Offer>] the latest first
      def all = book.offers.of(@job.id)

      # The figure that an offer would be for, exactly; empty where there is none.
      #
      # @return [String]
      def figure = price.figure? ? price.total.to_r.to_s : ""

      # What the house's money is called.
      def currency = HouseWords.currency(@job.rules)

      # The day up to which it holds.
      def valid_until = @today + DAYS

      # What the offer is for: a line an opening.
      #
      # @return [Array<String>]
      def lines = @job.bill.lines

      # Makes an offer of the price as it stands.
      #
      # @param typed [Hash{String => String}] "valid_until", "note"
      # @return [Store::Offers::Offer]
      # @raise [Faults]
      def make!(typed, who:)
        faults = []
        until_day = day(typed["valid_until"].to_s.strip, faults)
        note = note(typed["note"].to_s.strip, faults)
        faults << Fault.new("Nothing is priced yet: size an opening, or name a cause.", key: "offer") if lines.empty?
        unless price.figure?
          faults << Fault.new("Nothing has a price yet, so there is no figure to offer. Give a price above.",
            key: "offer")
        end
        raise Faults.new(faults) if faults.any?

        book.offers.make(@job.id, made_on: @today, valid_until: until_day, total: price.total, who:,
          told: {"currency" => currency, "note" => note, "lines" => lines, "breakdown" => breakdown,
                 "unpriced" => price.unpriced})
      end

      # What it came to, by what is done.
      #
      # @return [CameTo]
      def came_to
        price = @job.bill.spent.at(book.prices.all.except("visits"))
        materials = price.materials.sum { |line| line.cost || 0 } + @job.bill.cut
        CameTo.new(materials:, hours: price.labour.values.sum, labour: price.labour_cost, visits: price.trips,
          travel: price.travel_cost, total: materials + price.labour_cost + price.travel_cost)
      end

      private

      # The lines for the fitter, exact, as text.
      def breakdown
        {"materials" => price.material_cost, "labour" => price.labour_cost, "travel" => price.travel_cost,
         "own" => price.own_cost, "hours" => price.labour.values.sum, "visits" => price.trips}
          .transform_values { |number| number.to_r.to_s }
      end

      def day(typed, faults)
        return valid_until if typed.empty?

        date = Date.strptime(typed, "%Y-%m-%d")
        return date if (date - @today).to_i.between?(0, FAR)

        faults << Fault.new("#{typed} is gone, or over two years off. Give a day from today on.", key: "valid_until")
      rescue Date::Error
        faults << Fault.new("\"#{typed[0, 40]}\" is no day. Write it as #{valid_until.iso8601}.", key: "valid_until")
      end

      def note(typed, faults)
        return typed if typed.length <= NOTE

        faults << Fault.new("#{typed.length} characters are too many for the note. It takes #{NOTE}.", key: "note")
        ""
      end
    end
  end
end
