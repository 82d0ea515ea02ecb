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
    WEIGH_IT = "not known: two at least, weigh it"
    NOT_KNOWN = 2 # hands at least for what nobody weighed

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
    WITHOUT_THICKNESS = %w[hollow\ core].freeze # weighs the same, however thick

    # @param layers [Array<Hash>, nil] material and thickness; nil or none where nothing is said:
    #   not said is not known
    # @param thickness [Rational] of the panel, for a single layer of wood that gives none
    # @param told [Boolean] whether that thickness is one that somebody told
    # @param weighed [Rational, nil] kg of one panel on the scales: it wins
    def initialize(layers, thickness:, told: true, weighed: nil)
      @layers = layers || []
      @thickness = thickness
      @told = told
      @weighed = weighed
    end

    # Whether the weight can be told: by the scales, or by what every layer is and how thick.
    def known? = !@weighed.nil? || (@layers.any? && unknown_layers.empty?)

    # Whether anything is said of what the panels are made of.
    def said? = @layers.any?

    # Layers whose thickness has to be asked for.
    #
    # @return [Array<String>] their materials
    def unknown_layers = @layers.select { |layer| thickness_of(layer).nil? }.map { |layer| layer["material"] }

    # kg/m² of each layer, by the part of the face that it covers.
    def areal
      @layers.map do |layer|
        AREAL.fetch(layer["material"]).call(thickness_of(layer)) * (layer["share"] || 1)
      end
    end

    # Whether there is nothing to screw into but its frame.
    def hollow? = @layers.any? { |layer| layer["material"] == "hollow core" }

    # Whether it breaks when it falls: two carry it, whatever it weighs.
    def fragile? = @layers.any? { |layer| FRAGILE.include?(layer["material"]) }

    # @return [String] "mirror on fibreboard"
    def words = said? ? @layers.map { |layer| layer["material"] }.join(" on ") : "make-up not said"

    # Weight of one panel, kg, written down in the ledger: of a framed one by its
    # own parts (handbook 15, "Weight again").
    #
    # @param frame [Hash, nil] of the opening file
    # @return [Rational, nil] nil where it cannot be told
    def weight(work, width:, height:, frame: nil)
      return weighed(work) if @weighed
      return unless known?
      return framed(work, width, height, frame:) if frame

      work.sum("panels.weight", "Weight of a panel", "width × height × areal ÷ 1000000 + fittings",
        width:, height:, **by_area, unit: "kg", why: "#{words.capitalize}, and the fittings on it.")
    end

    # A weight as it is told to who lifts it: "24.3 kg", or that it is not known.
    #
    # @param weight [Rational, nil] kg
    # @return [String]
    def self.kilos(weight) = weight ? "#{weight.to_f.round(1)}\u00A0kg" : WEIGH_IT

    # Hands to lift one panel: 1, 2, or 3 (which may be a lifter); two at least where its weight is
    # not known.
    #
    # @param weight [Rational, nil] kg
    def hands(weight, width:, height:)
      return NOT_KNOWN unless weight
      return 3 if weight > HEAVY
      return 2 if weight > LIGHT || fragile? || height > TALL || width > WIDE

      1
    end

    private

    # Thickness that a layer weighs by, mm: its own, else that of a panel that is made of it alone;
    # nil where nobody told it. A pane is never as thick as its panel.
    def thickness_of(layer)
      own = layer["thickness"]
      return own || @thickness if own || WITHOUT_THICKNESS.include?(layer["material"])

      @thickness if @told && !FRAGILE.include?(layer["material"])
    end

    def by_area
      {areal: Working::Plain.new(areal.sum, " kg/m²"), fittings: Working::Plain.new(FITTINGS, " kg")}
    end

    def weighed(work)
      work.given("panels.weight", "Weight of a panel", @weighed, unit: "kg", from: :fitter, source: "set.weighed",
        why: "Weighed: the scales win over the sum.")
    end

    # Stiles, the rails between them, and the infill over the sight openings.
    def framed(work, width, height, frame:)
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
