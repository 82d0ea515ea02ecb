# frozen_string_literal: true

require "date"

module YellowTrack
  # What a job costs (handbook 10, "Price"): kits, bars, sheet and fixings at the
  # fitter's own prices, labour by the steps' minutes and hands, travel; waste in, margin
  # on, rounded as he likes. One figure for the customer, the lines for himself.
  class Price
    # One line. key, by which its price is kept; name; count of unit; each, the
    # price of one, nil where none is set.
    Line = Struct.new(:key, :name, :count, :unit, :each, keyword_init: true) do
      # @return [Rational, nil]
      def cost = each && count * each
    end

    # What steps of a job count as, by their keys.
    STAGES = {
      "measure and order" => %w[survey order look], "prepare" => %w[prepare base header frame sand joint line],
      "cut and drill" => %w[cut drill seal], "hang" => %w[track hang mark off], "mend" => %w[down mend],
      "finish and rehang" => %w[coat-1 coat-2 rehang], "adjust and hand over" => %w[adjust over]
    }.freeze

    # The way to the site: trips, minutes each way, people.
    Way = Struct.new(:trips, :minutes, :people, keyword_init: true) do
      # Hours of all on the road.
      def hours = trips * 2 * minutes * people/60r
    end

    # What the price of a small part is kept by, where it is not its name.
    FITTINGS = {"track screws" => "screw", "hinges" => "hinge"}.freeze

    # Shares and sums that are set once: their usual values.
    USUAL = {"rate" => nil, "travel" => nil, "visits" => nil, "waste" => 10r, "margin" => 15r, "round" => 5r}.freeze

    # What a bar's price is kept by.
    def self.bar_key(material, length) = "bar #{material} #{length.to_f}"

    # What some of its lines come to; nil while none of them has a price.
    #
    # @param lines [Array<Line>]
    def self.sum(lines) = lines.filter_map(&:cost).then { |known| known.sum if known.any? }

    attr_reader :materials, :labour
    # @return [Way]
    attr_reader :way

    # Hours of each stage's work.
    #
    # @param steps [Array<Hash>] of a work file
    # @return [Hash{String => Rational}]
    def self.hours(steps)
      steps.reject { |step| step["minutes"].nil? }
        .group_by { |step| stage(step["key"]) }.transform_values { |list|
          list.sum { |step| step["minutes"] * step["hands"] }/60r
        }.sort_by { |name, _| STAGES.keys.index(name) }.to_h
    end

    # Hours that are paid of what is done (handbook 17, "Plan and price agree"): a day on site people × (minutes there +
    # the road both ways), and for a step of more hands than people the missing hands; shop minutes × hands.
    #
    # @param steps [Array<Hash>] of a work file, ended
    # @param people [Integer]
    # @param travel [Integer] minutes one way
    # @yieldparam step [Hash]
    # @yieldreturn [Numeric] minutes that it took
    # @return [Rational] to hundredths
    def self.presence(steps, people:, travel:, &took)
      site, shop = %w[site shop].map { |place| steps.select { |step| step["place"] == place } }
      days = site.group_by { |step| step["ended"][0, 10] }.values
      there = days.sum { |list| people * (there(list, &took) + 2 * travel) }
      more = site.sum { |step| [step["hands"] - people, 0].max * took.call(step) }
      ((there + more + shop.sum { |step| took.call(step) * step["hands"] })/60r).round(2)
    end

    # Minutes of a day on site: from the first step's begin to the last one's end, no less than the steps took.
    def self.there(steps)
      first, last = steps.minmax_by { |step| step["ended"] }
      minutes = (DateTime.iso8601(last["ended"]) - DateTime.iso8601(first["ended"])) * 1440
      [minutes + yield(first), steps.sum { |step| yield step }].max
    end
    private_class_method :there

    # @param key [String] of a step: "D-sand"
    def self.stage(key) = STAGES.find { |_, keys| keys.include?(key.split("-", 2).last) }.first

    # @param openings [Array<Array(Plan, Parts, Array<String>)>] each with the keys of the steps that it is hung by
    # @param bars [Array<Array(String, Rational, Integer)>] to buy: material,
    #   length and how many
    # @param prices [Hash{String => Rational}] by key
    # @param mends [Array<Mending::Work>] of doors that hang badly
    # @param labour [Hash{String => Rational}] hours, by what they go into
    # @param way [Way, nil]
    def initialize(openings, bars:, prices:, mends: [], labour: {}, way: nil)
      @prices = prices
      @materials = (kits(openings) + bars_of(bars) + sheets(openings) + fixings(openings) + mending(mends)).freeze
      @labour = labour.freeze
      @way = way || Way.new(trips: 0, minutes: 0, people: 1)
      freeze
    end

    # The same counts and hours at some prices.
    #
    # @param prices [Hash{String => Rational}] by key
    # @return [Price]
    def at(prices) = dup.at_those(prices)

    # A share or a sum: the fitter's, else the usual.
    def set(key) = @prices[key] || USUAL.fetch(key)

    # @return [Array<String>] what has no price yet: no offer is made before
    def unpriced = [*materials.select { |line| line.each.nil? }.map(&:name), *(["an hour"] unless set("rate"))]

    # Whether there is a figure to tell: never nothing while prices are missing.
    def figure? = total.positive? || unpriced.empty?

    # Whether a price stands behind any of the materials: without one they cost nothing, and no money.
    def materials_priced? = materials.any?(&:each)

    # Whether one stands behind the road.
    def travel_priced? = !(set("rate") || set("travel")).nil?

    # Materials with what is wasted of them.
    def material_cost = materials.sum { |line| line.cost || 0 } * (1 + set("waste") / 100)

    # What a step costs; nil while an hour has no price.
    def step_cost(step) = set("rate") && labour.fetch(step) * set("rate")

    # @return [Rational] in the firm's currency; a step without hours costs nothing
    def labour_cost = labour.keys.sum { |step| step_cost(step) || 0 }

    # Labour and travel as far as they have a price; nil while neither has one.
    def work_and_road
      known = [(labour_cost if labour_priced?), (travel_cost if travel_priced?)].compact
      known.sum if known.any?
    end

    # Whether every hour has a price.
    def labour_priced? = labour.keys.all? { |step| step_cost(step) }

    # Trips that are counted: the fitter's own number, else the planned ones.
    def trips = set("visits") || way.trips

    # The road's hours at the rate, and a fixed sum for every trip.
    def travel_cost
      on_the_road = Way.new(**way.to_h, trips: trips).hours
      on_the_road * (set("rate") || 0) + trips * (set("travel") || 0)
    end

    # @return [Rational] in the firm's currency, before the margin
    def own_cost = material_cost + labour_cost + travel_cost

    # @return [Rational] for the customer
    def total = marked_up(own_cost)

    # A cost with the margin, rounded up as the fitter likes.
    #
    # @param cost [Rational]
    # @return [Rational]
    def marked_up(cost)
      marked, step = cost * (1 + set("margin") / 100), set("round")
      step.positive? ? (marked / step).ceil * step : marked
    end

    protected

    # The same lines at the prices that stood when the offer was made.
    def at_those(prices)
      @prices = prices
      @materials = materials.map { |one| line(one.key, one.name, one.count, unit: one.unit) }.freeze
      freeze
    end

    private

    def line(key, name, count, unit:) = Line.new(key:, name:, count:, unit:, each: @prices[key])

    def kits(openings)
      openings.map { |plan, _| plan.opening.kit }.group_by(&:id).map do |id, list|
        line("kit #{id}", list.first.name, list.length, unit: "set")
      end
    end

    # Bars have their prices at the rack.
    def bars_of(bars)
      bars.map do |material, length, count|
        line(Price.bar_key(material, length), "#{material}, #{length.to_f.round} mm", count, unit: "bar")
      end
    end

    def sheets(openings)
      openings.flat_map { |_, parts| parts.sheets }.reject { |sheet| sheet.material.start_with?("slab") }
        .group_by(&:material)
        .map { |material, list| line("sheet #{material}", material, list.sum(&:area).round(2), unit: "m²") }
    end

    # What the kits' bags do not hold: fittings, and what steps ask for that is no bar; of glue and sealer one of each
    # serves the whole job.
    def fixings(openings)
      counts = openings.map { |plan, _, steps| {**plan.set.fittings, **TakeAlong.bought(plan, steps || [])} }
        .reduce({}) { |all, one| all.merge(one) { |name, some, more| TakeAlong.once?(name) ? 1 : some + more } }
      counts.filter_map { |name, count|
        if count.positive?
          line(FITTINGS.fetch(name, name), name, count,
            unit: "piece")
        end
      }
    end

    # Parts that mends fit.
    def mending(mends)
      mends.flat_map(&:parts).tally.map { |name, count| line("part #{name}", name, count, unit: "piece") }
    end
  end
end
