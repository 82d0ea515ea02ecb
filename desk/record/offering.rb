# frozen_string_literal: true

require "date"

module YellowTrack
  module Desk
    # A job's price as an offer (handbook 10): a line an opening, options, discount and tax, one sum for the customer;
    # beside it, what it came to by the log.
    class Offering
      DAYS = 30 # an offer is good for
      FAR = 730
      NOTE = 500 # characters
      NAMED = 4 # things without a price that are named
      OPTIONS = 12

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
      def all = @all ||= book.offers.of(@job.id)

      # What became of an offer: "taken", "declined", "old" once its day is gone, else "open".
      #
      # @param offer [Store::Offers::Offer]
      def stands(offer)
        answer = answers[offer.id]&.answer
        return answer if answer && answer != "open"

        (Date.iso8601(offer.valid_until) < @today) ? "old" : "open"
      end

      # @return [Hash{Integer => Store::Offers::Answer}] the last answer to each offer
      def answers = @answers ||= book.offers.answers(all.map(&:id))

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
      # @return [Array<Bill::Line>]
      def lines = @job.bill.lines

      # What each line comes to, all of them the total.
      #
      # @return [Hash{String => Rational}] by the opening's letter
      def amounts
        @amounts ||= OfferSums.shared(price.total, lines.to_h { |line| [line.letter, cost(share_of(line.letter))] })
      end

      # Rates of tax that the house has, the usual one first.
      #
      # @return [Array<Rational>] per cent
      def rates = HouseWords.rates(@job.rules)

      # Other ways of an opening, each with what the job comes to more or less by it.
      #
      # @param letter [String]
      # @return [Array<Way>]
      def ways(letter) = OfferWays.new(@job, self).of(letter)

      # What an opening's own share of the cost is, in the firm's money.
      #
      # @param share [Shares::Share]
      # @return [Rational]
      def cost(share)
        materials(share).material_cost + share.hours * (price.set("rate") || 0)
      end

      # An opening's materials at the prices as they stand.
      #
      # @param share [Shares::Share]
      # @return [Price]
      def materials(share) = share.materials.at(share.bars.merge(@job.prices))

      # Makes an offer of the price as it stands.
      #
      # @param typed [Hash] "valid_until", "note", "without", "discount"; "tax", {letter => rate}; "option", a list of
      #   "letter way"
      # @return [Store::Offers::Offer]
      # @raise [Faults]
      def make!(typed, who:)
        faults = []
        until_day = day(typed["valid_until"].to_s.strip, faults)
        note, without = %w[note without].map { |key| words(key, typed[key].to_s.strip, faults) }
        discount = discount(typed["discount"].to_s.strip, faults)
        faults.concat(missing)
        raise Faults.new(faults) if faults.any?

        sums = OfferSums.new(amounts, discount:, rates: rated(typed["tax"]))
        book.offers.make(@job.id, made_on: @today, valid_until: until_day, total: sums.total, who:,
          customer: book.customers.of(@job.id).to_h.slice(:name, :address).transform_keys(&:name),
          told: {"currency" => currency, "note" => note, "without" => without, "lines" => lines_told(sums),
                 "options" => options(typed["option"]), "sums" => sums.to_h,
                 "terms" => @job.rules[HouseWords::TERMS].to_s,
                 "tax_number" => @job.rules[HouseWords::TAX_NUMBER].to_s, "could" => could, "stands_on" => stands_on,
                 "net" => price.total.to_r.to_s, "breakdown" => breakdown, "unpriced" => price.unpriced})
      end

      # What it came to, by what is done.
      #
      # @return [CameTo]
      def came_to
        price = @job.bill.spent.at(@job.prices.except("visits"))
        materials = price.materials.sum { |line| line.cost || 0 } + @job.bill.cut
        CameTo.new(materials:, hours: price.labour.values.sum, labour: price.labour_cost, visits: price.trips,
          travel: price.travel_cost, total: materials + price.labour_cost + price.travel_cost)
      end

      # By how much the job comes to more now than when an offer was made, before tax; nil for an offer that does not
      # say.
      #
      # @return [Rational, nil]
      def since(offer) = (offer.told["net"] && price.figure?) ? price.total - offer.told["net"].to_r : nil

      # What the plan behind the price is, in words.
      def stands_on
        case @job.bill.stands_on
        when :board then "the board of #{on(@job.visiting.kept)}"
        when :own then "a plan of this job alone"
        else "an estimate: nothing is planned yet"
        end
      end

      private

      def on(plan) = Time.iso8601(plan.at).localtime.strftime("%-d %B %Y")

      # Why no offer can be made: nothing to do, or a price that is missing.
      def missing
        return [Fault.new("Nothing is priced yet: size an opening, or name a cause.", key: "offer")] if lines.empty?

        unpriced = price.unpriced
        return [] if unpriced.empty? && price.figure?
        unless price.figure?
          return [Fault.new("Nothing has a price yet, so there is no figure to offer. Give a price above.",
            key: "offer")]
        end

        more = (unpriced.length > NAMED) ? " and #{unpriced.length - NAMED} more" : ""
        [Fault.new("No offer goes out while a price is missing: #{unpriced.first(NAMED).join(", ")}#{more}. " \
          "Give it above; 0 for what costs nothing.", key: "offer")]
      end

      def share_of(letter)
        opening = @job.openings.find { |one| one.letter == letter }
        Shares.of(book, opening, @job.agendas.fetch(letter).steps)
      end

      def lines_told(sums)
        lines.map do |line|
          {"letter" => line.letter, "name" => line.name, "what" => line.what, "outline" => line.outline,
           "amount" => sums.amounts[line.letter].to_s, "rate" => sums.rate(line.letter).to_s}
        end
      end

      # The rate of each line: the one that is typed, where the house has it; else its usual one.
      def rated(typed)
        given = typed.is_a?(Hash) ? typed : {}
        lines.to_h do |line|
          told = rates.find { |rate| HouseWords.rate(rate) == given[line.letter] }
          [line.letter, told || rates.first || 0r]
        end
      end

      def options(typed)
        Array(typed).grep(String).first(OPTIONS).filter_map do |text|
          letter, key = text.split(" ", 2)
          way = ways(letter).find { |one| one.key == key } or next
          {"letter" => letter, "what" => way.what, "outline" => way.outline, "amount" => way.more.to_s}
        end
      end

      # When it could be done: the board's first visit to the house and the job's end; empty where nothing can be
      # planned.
      def could
        visiting = @job.visiting
        plan = visiting.boarded? ? visiting.result : lone_plan
        dates = plan ? plan["visits"].map { |visit| visit["date"] }.select { |day| day >= @today.iso8601 } : []
        dates.any? ? {"from" => dates.min, "to" => plan["end"] || plan["jobs"].first["end"]} : {}
      end

      # Off the board: on the firm's board as it would be with this job on it.
      def lone_plan
        firm = FirmBoard.new(book)
        return if firm.nothing? || firm.faults.any?

        key = @job.visiting.short_name
        job = firm.plan["jobs"].find { |one| one["key"] == key } or return
        {"visits" => firm.plan["visits"].select { |visit| visit["job"] == key }, "end" => job["end"]}
      end

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

      def words(key, typed, faults)
        return typed if typed.length <= NOTE

        of = (key == "note") ? "the note" : "what is not in it"
        faults << Fault.new("#{typed.length} characters are too many for #{of}. It takes #{NOTE}.", key:)
        ""
      end

      def discount(typed, faults)
        return 0r if typed.empty?

        percent = HouseWords.percent(typed)
        return percent if percent

        faults << Fault.new("\"#{typed[0, 40]}\" is no discount in per cent. Give a number from 0 to 100.",
          key: "discount")
        0r
      end
    end
  end
end
