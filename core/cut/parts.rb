# frozen_string_literal: true

module YellowTrack
  # What has to be cut for an opening (handbook 7, "Stock lengths"): every
  # linear part by its material, and what is cut from sheet. Each has a short
  # code (opening's letter, part, number: C-T1) that is the same on the drawing,
  # the cut list, the drilling sheet and the label.
  class Parts
    STALE = 1r / 1000 # mm: what a length kept as a fraction cannot be out by

    # code; name, what it is; material, what it is cut from; length, mm; waits,
    # whether it is cut only after the track is up.
    Part = Struct.new(:code, :name, :material, :length, :waits, keyword_init: true) do
      # By how much it was cut longer or shorter than it is to be, mm.
      def out_by(as_cut) = (as_cut - length).abs

      # What the saw must leave, in a sentence; nil for nothing.
      def says = (name == "track") ? "One end only: keep the factory holes at the other." : nil

      # Whether it was cut for another length than it is to have now.
      #
      # @param planned [Rational] mm
      def stale?(planned) = out_by(planned) > STALE
    end

    # A part cut from sheet or slab, mm.
    Sheet = Struct.new(:code, :name, :material, :width, :height, :waits, keyword_init: true) do
      # m²
      def area = width * height / 1_000_000
    end

    # @return [Array<Part>]
    attr_reader :linear
    # @return [Array<Sheet>]
    attr_reader :sheets

    # @param plan [Plan]
    # @param letter [String] the opening's in its job
    def initialize(plan, letter)
      @plan = plan
      @letter = letter
      @counts = Hash.new(0)
      @linear = [*rails, *strip, *header_board, *built_down, *half_jamb, *casing, *pelmet, *packers, *lippings,
        *frames, *rail_strips].freeze
      @sheets = [*panels, *boards].freeze
      freeze
    end

    private

    def set = @plan.set

    def kit = set.kit

    def part(mark, name, material, length:, waits: false)
      Part.new(code: "#{@letter}-#{mark}#{@counts[mark] += 1}", name:, material:, length:, waits:).freeze
    end

    # Tracks, one for each lane that runs on its own, and the rail on the floor of a
    # set that stands on it.
    def rails
      pieces = (set.track.pieces * set.rails).map { |length| part("T", "track", "#{kit.name} track", length:) }
      rail = set.track.floor_rail
      rail ? pieces << part("R", "floor rail", "#{kit.name} floor rail", length: rail) : pieces
    end

    def strip
      thickness = set.opening["base_strip"]
      return [] unless @plan.prepare.to_h[:base_strip] && thickness

      [part("B", "base strip", "strip #{say(thickness)}", length: set.track.floor_rail)]
    end

    # Over the studs, along the rail.
    def header_board
      wall = set.wall if set.covers?
      return [] unless wall&.board_length

      material = "board #{say(wall.board_size("height"))} × #{say(wall.board_size("thickness"))}"
      [part("H", "header board", material, length: wall.board_length)]
    end

    # Plates and uprights of a head that is framed down.
    def built_down
      cuts = framing or return []
      material = "framing #{cuts[:frame] ? "#{say(cuts[:frame])} × " : ""}#{say(Prepare::BuiltDownHead::PLATE)}"
      [*Array.new(2) { part("F", "plate of the head", material, length: cuts[:plate]) },
        *Array.new(cuts[:uprights]) { part("F", "upright of the head", material, length: cuts[:upright]) },
        *noggings(cuts, material)]
    end

    # Between the uprights of a framed head, along the rail that finds nothing else to hold.
    def noggings(cuts, material)
      return [] unless set.covers? && set.wall.nogging?

      between = cuts[:uprights] - 1
      length = (cuts[:plate] - cuts[:uprights] * Prepare::BuiltDownHead::PLATE) / between
      Array.new(between) {
        part("F", "nogging of the head", material,
          length: Length.down(length, @plan.opening.grain))
      }
    end

    # On both faces of a bottom rail that is thinner than its stiles.
    def rail_strips
      thick = set.guides&.strips or return []
      stile = set.framed&.stile || set.opening["slab.stile"] || 0r
      set.panels.flat_map do |panel|
        Array.new(2) {
          part("S", "strip on the rail of #{panel.name}", "strip #{say(thick)}",
            length: panel.width - 2 * stile)
        }
      end
    end

    # What frames a head; nil where none is.
    def framing = @plan.prepare.to_h[:built_down]&.then { |cuts| cuts if cuts[:plate] }

    # Both faces of a framed head.
    def boards
      cuts = framing or return []
      %w[room closet].map do |face|
        Sheet.new(code: "#{@letter}-W#{face[0].upcase}", name: "board of the head, #{face} face",
          material: "wall board",
          width: cuts[:plate], height: cuts[:height], waits: false).freeze
      end
    end

    def pelmet
      pelmet = set.pelmet or return []
      material = ["pelmet", *[pelmet.height, pelmet.thickness].compact.map { |size| say(size) }.join(" × ")].join(" ")
        .strip
      pelmet.names.zip(pelmet.lengths).map { |name, length| part("V", "pelmet, #{name}", material, length:) }
    end

    def half_jamb
      cuts = @plan.prepare.to_h[:half_jamb] or return []
      material = "half jamb #{say(cuts[:thickness])}"
      [["head", cuts[:head]], ["left side", cuts[:left]], ["right side", cuts[:right]]].map do |where, length|
        part("J", "half jamb, #{where}", material, length:)
      end
    end

    # To the long points, for the mitres take from there.
    def casing
      cuts = @plan.prepare.to_h[:casing] or return []
      material = "casing #{say(set.opening["casing.width"])}"
      [["head", cuts[:head_long]], ["left leg", cuts[:leg]], ["right leg", cuts[:leg]]].map do |where, length|
        part("C", "casing, #{where}", material, length:)
      end
    end

    # A layer of a packed jamb is as long as the jamb is high, one over the track as
    # the head is wide.
    def packers = at_jambs + at_head

    def at_head
      (@plan.prepare.at_hand.dig(:head_packing, :layers) || []).map do |layer|
        part("P", "packer, head", "packer #{say(layer)}", length: @plan.survey["widths.top"])
      end
    end

    def at_jambs
      (@plan.prepare.at_hand[:packing] || {}).flat_map do |side, build_up|
        build_up[:layers].map do |layer|
          part("P", "packer, #{side} jamb", "packer #{say(layer)}", length: @plan.survey["heights.#{side}"])
        end
      end
    end

    def lippings
      return [] unless set.slab.slab? && set.slab.lipping.positive?

      set.panels.map do |panel|
        part("L", "lipping of #{panel.name}", "lipping #{say(set.thickness)}", length: panel.width, waits: on_site?)
      end
    end

    # Stiles and rails of framed panels, each by its own width.
    def frames
      frame = set.framed or return []
      set.panels.flat_map do |panel|
        Array.new(2) {
          part("S", "stile of #{panel.name}", "frame #{say(frame.stile)}", length: frame.stiles,
            waits: on_site?)
        } +
          frame.rails.map { |rail| part("S", "rail of #{panel.name}", "frame #{say(rail)}", length: frame.rail_length) }
      end
    end

    def infills
      frame = set.framed or return []
      set.panels.flat_map do |panel|
        frame.infills.each_with_index.map do |infill, place|
          Sheet.new(code: "#{@letter}-I#{panel.name}#{place + 1}", name: "infill of #{panel.name}", material: "infill",
            width: infill.width, height: infill.height, waits: on_site?).freeze
        end
      end
    end

    # Framed panels are their infills; a slab is cut, too.
    def panels
      return infills if set.opening["frame"]

      set.panels.map do |panel|
        Sheet.new(code: "#{@letter}-D#{panel.name}", name: "panel #{panel.name}",
          material: "#{set.slab.slab? ? "slab, " : ""}#{set.makeup.words}",
          width: panel.width, height: panel.height, waits: on_site?).freeze
      end
    end

    # Heights that are cut from a check measurement.
    def on_site? = set.opening["height_cut"] == "site"

    def say(mm) = set.brief.printer.short(mm)
  end
end
