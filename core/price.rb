# frozen_string_literal: true

module YellowTrack
  # What a job costs (handbook 10, "Price"): kits, bars, sheet and fixings at the
  # fitter's own prices, labour by the steps' time, travel; waste in, margin
  # on, rounded as he likes. One figure for the customer, the lines for himself.
  class Price
    # One line. key, by which its price is kept; name; count of unit; each, the
    # price of one, nil where none is set.
    Line = Struct.new(:key, :name, :count, :unit, :each, keyword_init: true) do
      # @return [Rational, nil]
      def cost = each && count * each
    end

    # Minutes of work.
    MINUTES = {
      "measure and size" => ->(_plan, _parts) { 30 },
      "prepare" => ->(_plan, parts) {
        15 * parts.linear
          .count { |part| part.name.start_with?("packer", "half jamb", "casing", "base strip") }
      },
      "cut" => ->(_plan, parts) { 6 * parts.linear.length + 8 * parts.sheets.length },
      "drill" => ->(plan, _parts) { 4 * Drilling.of(plan).sum { |drilling| drilling.holes.count(&:pilot) } },
      "fix the track" => ->(plan, _parts) { 20 + 3 * plan.set.track.holes.length },
      "hang" => ->(plan, _parts) { 20 * plan.set.panels.sum(&:hands) },
      "adjust and hand over" => ->(plan, _parts) { 20 + 6 * plan.set.labour[:adjusters] }
    }.freeze

    # What the price of a small part is kept by, where it is not its name.
    FITTINGS = {"track screws" => "screw", "hinges" => "hinge"}.freeze

    # Shares and sums that are set once: their usual values.
    USUAL = {"rate" => nil, "travel" => nil, "visits" => 3r, "waste" => 10r, "margin" => 15r, "round" => 5r}.freeze

    # What a bar's price is kept by.
    def self.bar_key(material, length) = "bar #{material} #{length.to_f}"

    attr_reader :materials, :labour

    # @param openings [Array<Array(Plan, Parts)>]
    # @param bars [Array<Array(String, Rational, Integer)>] to buy: material,
    #   length and how many
    # @param prices [Hash{String => Rational}] by key
    # @param mends [Array<Mending::Work>] of doors that hang badly
    def initialize(openings, bars:, prices:, mends: [])
      @openings, @mends = openings, mends
      @prices = prices
      @materials = (kits + bars_of(bars) + sheets + fixings + mending).freeze
      @labour = hours.freeze
      freeze
    end

    # A share or a sum: the fitter's, else the usual.
    def set(key) = @prices[key] || USUAL.fetch(key)

    def unpriced = [*materials.select { |line| line.each.nil? }.map(&:name), *(["an hour"] unless set("rate"))]

    # Materials with what is wasted of them.
    def material_cost = materials.sum { |line| line.cost || 0 } * (1 + set("waste") / 100)

    # What a step costs; nil while an hour has no price.
    def step_cost(step) = set("rate") && labour.fetch(step) * set("rate")

    def labour_cost = labour.keys.sum { |step| step_cost(step) || 0 }

    def travel_cost = set("visits") * (set("travel") || 0)

    def own_cost = material_cost + labour_cost + travel_cost

    # @return [Rational] for the customer
    def total
      marked = own_cost * (1 + set("margin") / 100)
      step = set("round")
      step.positive? ? (marked / step).ceil * step : marked
    end

    private

    def line(key, name, count, unit) = Line.new(key:, name:, count:, unit:, each: @prices[key])

    def kits
      @openings.map { |plan, _| plan.opening.kit }.group_by(&:id).map do |id, list|
        line("kit #{id}", list.first.name, list.length, "set")
      end
    end

    # Bars have their prices at the rack.
    def bars_of(bars)
      bars.map do |material, length, count|
        line(Price.bar_key(material, length), "#{material}, #{length.to_f.round} mm", count, "bar")
      end
    end

    def sheets
      @openings.flat_map { |_, parts| parts.sheets }.reject { |sheet| sheet.material.start_with?("slab") }
        .group_by(&:material)
        .map { |material, list| line("sheet #{material}", material, list.sum(&:area).round(2), "m²") }
    end

    def fixings
      counts = @openings.map { |plan, _| plan.set.fittings }.reduce({}) do |all, one|
        all.merge(one) { |_, some, more| some + more }
      end
      counts.filter_map { |name, count| line(FITTINGS.fetch(name, name), name, count, "piece") if count.positive? }
    end

    # Parts that mends fit.
    def mending
      @mends.flat_map(&:parts).tally.map { |name, count| line("part #{name}", name, count, "piece") }
    end

    # @return [Hash{String => Rational}] hours of each step
    def hours
      steps = MINUTES.transform_values { |minutes| @openings.sum { |plan, parts| minutes.call(plan, parts) }/60r }
      steps = {} if @openings.empty?
      @mends.any? ? steps.merge("mend" => @mends.sum(&:minutes)/60r) : steps
    end
  end
end
