# frozen_string_literal: true

module YellowTrack
  # What a panel is made of: its weight, and the hands that lift it
  # (handbook 7).
  class Makeup
    FITTINGS = 6r / 10 # kg
    LIGHT = 18 # kg, up to which one lifts it
    HEAVY = 40 # kg, up to which two do
    TALL = 2300 # mm, over which it takes two
    WIDE = 1000 # mm, likewise

    # kg/m² of a layer, from its thickness in mm.
    AREAL = {
      "hollow core" => ->(_thick) { 9r },
      "panelled softwood" => ->(thick) { thick * 15 / 35 },
      "solid timber" => ->(thick) { thick * 62 / 100 },
      "fibreboard" => ->(thick) { thick * 75 / 100 },
      "chipboard" => ->(thick) { thick * 66 / 100 },
      "glass" => ->(thick) { thick * 25 / 10 },
      "mirror" => ->(thick) { thick * 25 / 10 }
    }.freeze

    # kg/m² of a frame's wood, for every mm of thickness.
    FRAME = {"softwood" => 5r / 10, "hardwood" => 7r / 10}.freeze

    FRAGILE = %w[glass mirror].freeze
    USUAL = [{"material" => "hollow core"}].freeze

    # @param layers [Array<Hash>, nil] material and thickness; hollow core
    #   where nothing is said
    # @param thickness [Rational] of the panel, for a layer that gives none
    # @param weighed [Rational, nil] kg of one panel on the scales: it wins
    def initialize(layers, thickness:, weighed: nil)
      @layers = (layers.nil? || layers.empty?) ? USUAL : layers
      @thickness = thickness
      @weighed = weighed
    end

    # kg/m² of each layer, by the part of the face that it covers.
    def areal
      @layers.map do |layer|
        AREAL.fetch(layer["material"]).call(layer["thickness"] || @thickness) * (layer["share"] || 1)
      end
    end

    def hollow? = @layers.any? { |layer| layer["material"] == "hollow core" }

    def fragile? = @layers.any? { |layer| FRAGILE.include?(layer["material"]) }

    def words = @layers.map { |layer| layer["material"] }.join(" on ")

    # Weight of one panel, kg, written down in the ledger: of a framed one by its
    # own parts (handbook 15, "Weight again").
    #
    # @param frame [Hash, nil] of the opening file
    def weight(work, width:, height:, frame: nil)
      return weighed(work) if @weighed
      return framed(work, width, height, frame) if frame

      work.sum("panels.weight", "Weight of a panel", "width × height × areal ÷ 1000000 + fittings",
        width:, height:, **by_area, unit: "kg", why: "#{words.capitalize}, and the fittings on it.")
    end

    # Hands to lift one panel: 1, 2, or 3 (which may be a lifter).
    def hands(weight, width:, height:)
      return 3 if weight > HEAVY
      return 2 if weight > LIGHT || fragile? || height > TALL || width > WIDE

      1
    end

    private

    def by_area
      {areal: Working::Plain.new(areal.sum, " kg/m²"), fittings: Working::Plain.new(FITTINGS, " kg")}
    end

    def weighed(work)
      work.given("panels.weight", "Weight of a panel", @weighed, unit: "kg", from: :fitter, source: "set.weighed",
        why: "Weighed: the scales win over the sum.")
    end

    # Stiles, the rails between them, and the infill over the sight openings.
    def framed(work, width, height, frame)
      stile = frame["stile"] || Prepare::FramedPanel::USUAL[:stile]
      rails = (frame["rails"] || Prepare::FramedPanel::USUAL[:rails]).sum
      work.sum("panels.weight", "Weight of a panel",
        "(2 × stile × height + rails × most(width − 2 × stile, 0)) × thickness × wood ÷ 1000000 + " \
          "most(width − 2 × stile, 0) × most(height − rails, 0) × areal ÷ 1000000 + fittings",
        width:, height:, stile:, rails:, thickness: @thickness, **by_area, unit: "kg",
        wood: Working::Plain.new(FRAME.fetch(frame["wood"] || "softwood"), " kg/m² per mm"),
        why: "Its frame, #{words} in the sight openings, and the fittings on it.")
    end
  end
end
