# frozen_string_literal: true

module YellowTrack
  # What an opening needs before its set goes in (handbook 7), as far as the
  # opening file says it: packing of the jambs, shims of a base strip, half
  # jambs and casing, a head to build down.
  class Prepare
    # @param set [Family] sized
    def initialize(set)
      @set = set
      @parts = {packing:, head_packing:, base_strip:, built_down:, standoff:, half_jamb:, casing:, head:, framed:}
        .compact.freeze
    end

    # The head of a top-hung set as the fitter gave it; nil where he did not,
    # or where the set does not hang from it.
    #
    # @return [Stiffness, nil]
    def self.head_of(set)
      head = set.opening["head"]
      return unless head && head["material"] && head["breadth"]&.positive? && head["depth"]&.positive?
      return if set.covers? || set.carried_by == "bottom"

      Stiffness.new(material: head["material"], breadth: head["breadth"], depth: head["depth"], span: set.sizing.width,
        plies: head["plies"] || 1)
    end

    # @return [Array<Check>] what preparing has to mind
    def checks
      return [] unless set.weight

      [Prepare.head_of(set)&.check(carried, down: set.kit["adjust.down"] || 0)].compact
    end

    # The plan file's "prepare".
    def to_h = @parts

    # The same, with every layer and shim from what is at hand where the opening's unit is sold.
    def at_hand
      return @parts unless opening.units == :in

      inches = ->(part) { part.merge(BuildUp.new(part[:target], stock: BuildUp::STOCK_INCHES).to_h) }
      {**@parts, packing: @parts[:packing]&.transform_values(&inches),
                 head_packing: @parts[:head_packing]&.then(&inches), standoff: @parts[:standoff]&.then(&inches),
                 base_strip: @parts[:base_strip]&.map { |station| shimmed(station) }}.compact
    end

    private

    attr_reader :set

    def opening = set.opening

    def shimmed(station)
      {**station, layers: BuildUp.new(station[:shim], stock: BuildUp::SHIM_INCHES).layers}
    end

    # Layers of each jamb's packing; nil without any.
    def packing
      sides = %w[left right].select { |side| set.sizing.packing(side).positive? }
      return if sides.empty?

      sides.to_h { |side| [side.to_sym, build_up(side).to_h] }
    end

    def build_up(side)
      thickness = set.sizing.packing(side)
      set.work.given("prepare.packing.#{side}", "Packing, #{side}", thickness, from: :fitter,
        source: "set.packing.#{side}",
        why: "Made up from stock, never over it.")
      BuildUp.new(thickness)
    end

    # Shims under a floor rail's base strip; nil without one.
    def base_strip
      strip = opening["base_strip"]
      return unless strip&.positive? && set.carried_by == "bottom"

      BaseStrip.new(set.brief, *set.sizing.jambs).stations.map(&:to_h)
    end

    # Layers over the track, or over the panels that cover the head, where it is
    # packed down and not framed.
    def head_packing
      wanted = BuiltDownHead.wanted(set)
      return unless wanted.positive? && wanted < BuiltDownHead::LEAST

      set.work.given("prepare.head_packing", "Packing, head", wanted, from: :fitter, source: "set.packing.head",
        why: "What is planned, and what the panels want; never over it.")
      BuildUp.new(wanted).to_h
    end

    # A head that is framed down, or what has to be for the kit's tallest panel; nil
    # where it need not be.
    def built_down
      framed = BuiltDownHead.of(set) and return framed.to_h
      too_tall = set.height - set.kit.fetch("tallest")
      return unless too_tall.positive? && set.opening["height"].nil?

      {height: set.work.sum("prepare.built_down.height", "Head to build down", "height − tallest", height: set.height,
        tallest: set.kit.fetch("tallest"), why: "So that the kit's tallest panel fits.")}
    end

    # A block behind every bracket of a rail on the wall.
    def standoff
      return unless set.covers? && set.wall.standoff.positive?

      {**BuildUp.new(set.wall.standoff).to_h, count: set.track.holes.length}
    end

    def half_jamb
      HalfJamb.new(set).to_h if set.planted.positive?
    end

    # Sag of a head that carries the track, with all panels at its middle.
    def head
      return unless set.weight

      stiffness = self.class.head_of(set) or return
      {sag: stiffness.sag(carried), weight: carried}
    end

    def carried = set.weight * set.panels.length

    # Cuts of one framed panel.
    def framed = set.framed&.to_h

    def casing
      width = opening["casing.width"]
      width && Casing.new(set, width).to_h
    end
  end
end
