# frozen_string_literal: true

module YellowTrack
  class Steps
    # A set's numbers by the names that the steps call them.
    class Names
      # @param plan [Plan]
      # @param printer [Length::Printer]
      # @param there [There]
      def initialize(plan, printer, there)
        @plan, @set, @printer, @there = plan, plan.set, printer, there
      end

      # A sentence with its {names} filled in.
      #
      # @param part [Hash] names of a lane, a pair or a leaf
      # @raise [KeyError] for a name there is not
      def fill(sentence, part) = sentence.gsub(/\{(\w+)\}/) { part[$1] || VALUES.fetch($1).call(self) }

      # @param asked [Integer, String] a number, "panel" or "track"
      # @return [Integer]
      def hands(asked)
        case asked
        when "panel" then @set.panels.map(&:hands).max
        when "track" then (@set.track.length > LONG_TRACK) ? 2 : 1
        else asked
        end
      end

      # The lanes' panels, the inner lane first.
      def lane
        @set.panels.group_by(&:lane).sort_by { |lane, _| -lane }.map do |lane, list|
          {"lane" => lane.to_s, "names" => list.map(&:name).join(" and "), "part" => lane.to_s}
        end
      end

      # @return [Array<Hash>] a step for each pair of leaves
      def pair
        @set.panels.each_slice(2).each_with_index.map do |two, place|
          names = two.map(&:name)
          {"names" => names.join(" and "), "part" => place.zero? ? names.first : names.last} # the panel that pivots
        end
      end

      # @return [Array<Hash>] a step for each panel
      def leaf = @set.panels.map { |panel| {"names" => panel.name, "part" => panel.name} }

      # @return [Array<Hash>] a step for each treatment of an old slab
      def treatment = (1..@there.treatments).map { |time| {"treatment" => time.to_s, "part" => time.to_s} }

      # @return [Plan] that is hung; its set; what is there of steps
      attr_reader :plan, :set, :there

      # A length with its unit.
      def len(mm) = @printer.with_unit(mm)

      # A length, bare.
      def num(mm) = @printer.short(mm)

      # @return [String] "240, 820 and 1 400": the unit stands behind it in the sentence
      def list(lengths)
        lengths.map { |mm| num(mm) }.then { |all| [*all[0..-3], all.last(2).join(" and ")].join(", ") }
      end

      # @return [String] "1 stop", "2 stops"
      def counted(count, one, many) = "#{count} #{(count == 1) ? one : many}"

      # @return [String] where they stand, measured as the tape is laid: from the left jamb
      def stops
        set.stops ? "at #{list(set.stops)} from the left jamb: their faces meet the hangers" :
          "where the panels should rest"
      end

      # @return [Array<Integer>] a track of three may carry panels in two of them
      def lanes_in_use = set.pattern.lanes.uniq.sort

      # How far in from the front each lane's middle is.
      def lanes = list(lanes_in_use.map { |lane| set.depth.lanes.fetch(lane) })

      # How far in from the front the guides stand.
      def guides_in = set.depth.guides ? ", #{list(set.depth.guides.uniq)} in from the front" : ""

      # How often a screw is turned for all of its way up; nothing of a slot.
      def turns
        each = set.kit["adjust.per_turn"] or return ""
        ", #{(set.kit.fetch("adjust.up") / each * 4).floor / 4.0} turns".sub(".0 ", " ")
      end

      # Each panel's strikers, from its left edge.
      def strikers = set.soft_close.places.map { |place| "of #{place.panel} #{list(place.strikers)}" }.join(", ")

      # Each panel's two catches, from the left jamb.
      def catches
        set.soft_close.places.map { |place| "for #{place.panel} #{list([place.closing, place.opening])}" }.join(", ")
      end

      # @return [String] each panel with the places of its pulls, mm from its left edge
      def pulls
        places = set.panels.map { |panel| "#{panel.name} #{list(set.pulls.on(panel))}" }
        "#{len(set.pulls.up)} above the panels' bottom: #{places.join(", ")} from the left edge"
      end

      # What comes off a panel that came finished: it goes back.
      def goes_back
        off = %i[width height].to_h { |side| [side, plan.set.slab.public_send(side)] }.select { |_, mm| mm&.positive? }
        return "" unless there.finished? && plan.set.slab.slab? && off.any?

        "; #{off.map { |side, mm| "#{len(mm)} too #{{width: "wide", height: "high"}.fetch(side)}" }.join(", ")}: a " \
          "finished panel is not cut, it goes back"
      end

      # How the panels stand while their guides are set.
      def guides_how
        set.laps.any? ? "all panels closed" : "the panel plumb in the open position, then checked closed"
      end

      # How something is held in the floor, by what it is made of; nothing where nobody said.
      FLOORS = {"wood" => "; screwed into the wood, never into a pipe under it",
                "screed" => "; plugged and screwed, no deeper than the screed is known to be",
                "tile" => "; through the tile without hammering, then plugged and screwed, or glued",
                "concrete" => "; plugged and screwed"}.freeze

      # The way of its floor, for a sentence.
      def floor_way = FLOORS.fetch(plan.survey["floor_of"].to_s, "")

      # What is read where, once it hangs.
      def read_where
        set.needed_readings.map { |one|
          {"cover" => "How far each panel covers its jamb: top, middle and bottom"}
            .fetch(one.read_as) { "Top, middle and bottom at #{one.edge}" }
        }.uniq.join("; ").concat(".")
      end

      # The mitred pieces of a casing.
      def casing
        cuts = plan.prepare.to_h.fetch(:casing)
        "head #{len(cuts[:head_long])}, legs #{len(cuts[:leg])}"
      end

      # The three pieces of a half jamb.
      def half_jambs
        cuts = plan.prepare.to_h[:half_jamb] or return "as they are planted"
        "head #{num(cuts[:head])}, sides #{num(cuts[:left])} and #{len(cuts[:right])}"
      end

      # How far each jamb is packed.
      def packed_jambs
        %w[left right].filter_map { |side|
          mm = set.opening["packing.#{side}"]
          "#{len(mm)} at the #{side}" if mm&.positive?
        }.join(", ")
      end

      # What a pull is tried for at the trial, where there will be one.
      def pull_tried(what) = (there.pulls == "none") ? "" : "; hold a pull in its place and try that #{what}"

      PLANED = 3r # mm that a lipping stands over (handbook 7)

      VALUES = {
        "goes_back" => ->(n) { n.goes_back }, "casing" => ->(n) { n.casing }, "half_jambs" => ->(n) { n.half_jambs },
        "packed_jambs" => ->(n) { n.packed_jambs }, "guides_how" => ->(n) { n.guides_how },
        "further_rails" => ->(n) {
          (n.set.rails > 1) ? "; then the brackets and rails of #{n.counted(n.set.rails - 1, "further lane",
            "further lanes")} at the same line, the lanes' middles #{n.lanes} in from the front" : ""
        },
        "pins" => ->(n) {
          deep = n.set.kit["hole.depth"]
          deep ? "#{n.len(deep)} deep in their holes" : "each to the bottom of its hole"
        },
        "pull_try" => ->(n) { n.pull_tried(n.set.panels.one? ? "it clears the wall" : "panels pass each other") },
        "pull_at_mouth" => ->(n) { n.pull_tried("it clears the mouth") },
        "outer_first" => ->(n) { (n.set.rails > 1) ? ", the outer lane first," : "" },
        "inner_first" => ->(n) { (n.set.rails > 1) ? ", the inner lane first" : "" },
        "jump_left" => ->(n) { n.set.soft_close ? "; what the soft close replaces stays off" : "" },
        "guides_fix" => ->(n) { n.there.heated? ? "glue" : "set" },
        "floor_way" => ->(n) { n.floor_way },
        "tongue_why" => ->(n) {
          grooved = n.there.tongue? && n.there.heated?
          grooved ? " The floor is heated: it is not grooved, so that no tongue runs in it." : ""
        },
        "bracket_fix" => ->(n) {
          n.there.heated? ? "; the floor is heated: screwed to the jamb and glued below" : n.floor_way
        },
        "floor_fix" => ->(n) { n.there.heated? ? "; the floor is heated: glued, not screwed" : n.floor_way },
        "pieces" => ->(n) { n.list(n.set.track.pieces) },
        "rip" => ->(n) { n.len(n.set.slab.width) }, "lip" => ->(n) { n.len(n.set.slab.lipping) },
        "planed" => ->(n) { n.len(PLANED) }, "trim" => ->(n) { n.len(n.set.slab.height) },
        "block" => ->(n) { n.there.block? ? "; the solid foot goes with it: glue it back in" : "" },
        "treatments" => ->(n) { n.there.treatments.to_s },
        "pin_holes" => ->(n) { n.set.manner.folds? ? ", no paint in the pin holes" : "" },
        "tongue_when" => ->(n) {
          (n.there.tongue == "after") ? ", once the panels hang for good: with them on they could not be lifted in" : ""
        },
        "panels" => ->(n) { n.counted(n.set.panels.length, "panel", "panels") },
        "leaves" => ->(n) { n.counted(n.set.panels.length, "leaf", "leaves") },
        "size" => ->(n) { "#{n.num(n.set.width)} × #{n.len(n.set.height)}" },
        "weight" => ->(n) { Makeup.kilos(n.set.weight) },
        "line" => ->(n) { n.len(n.set.track.mount_height) },
        "packing" => ->(n) { n.len(n.set.track.packing) },
        "track" => ->(n) { n.len(n.set.track.length) },
        "rail" => ->(n) { n.len(n.set.track.floor_rail || n.set.track.length) },
        "holes" => ->(n) { n.counted(n.set.track.holes.length, "place", "places") },
        "first" => ->(n) { n.len(n.set.kit.fetch("track.first")) },
        "rollers" => ->(n) { n.list(n.set.panels.first.rollers) },
        "up" => ->(n) { n.len(n.set.kit.fetch("adjust.up")) },
        "down" => ->(n) { n.len(n.set.kit.fetch("adjust.down")) },
        "groove" => ->(n) { "#{n.num(n.set.guides.groove_width)} wide and #{n.len(n.set.guides.groove_depth)} deep" },
        "lap" => ->(n) { n.set.lap ? n.len(n.set.lap) : "nothing" },
        "guides" => ->(n) { n.set.guides.places.any? ? n.list(n.set.guides.places) : "the panel's foot" },
        "covering" => ->(n) { n.len(n.plan.figures.covering) },
        "and_covering" => ->(n) { n.plan.figures.covering.positive? ? " and covering" : "" },
        "gap" => ->(n) { n.len(n.set.gap) },
        "engagement" => ->(n) { n.len(n.set.kit.fetch("rail.engagement.least")) },
        "shim" => ->(n) { n.len(n.plan.prepare.to_h.fetch(:base_strip).map { |station| station[:shim] }.max) },
        "standoff" => ->(n) { n.len(n.set.wall.standoff) },
        "blocks" => ->(n) { n.set.track.holes.length.to_s },
        "board" => ->(n) {
          "#{n.num(n.set.wall.board_length)} × #{n.num(n.set.wall.board_size("height"))} × " \
            "#{n.len(n.set.wall.board_size("thickness"))}"
        },
        "stops" => ->(n) { n.stops },
        "floor_groove" => ->(n) {
          "#{n.num(n.set.guides.floor_width)} wide and #{n.len(n.set.guides.floor_depth)} deep"
        },
        "rails_in" => ->(n) { n.list(n.lanes_in_use.map { |lane| n.set.depth.rail(lane) }) },
        "guides_in" => ->(n) { n.guides_in },
        "turns" => ->(n) { n.turns },
        "tongue" => ->(n) { n.len(n.set.guides.tongue) },
        "lanes" => ->(n) { n.lanes },
        "pelmet" => ->(n) { n.list(n.set.pelmet.lengths) },
        "head_built" => ->(n) { n.len(n.plan.prepare.to_h.fetch(:built_down).fetch(:height)) },
        "frame_groove" => ->(n) { n.len(n.set.framed.groove) },
        "strikers" => ->(n) { n.strikers },
        "catches" => ->(n) { n.catches },
        "pulls" => ->(n) { n.pulls },
        "hinges" => ->(n) { n.list(n.set.fitted.hinges) },
        "read_where" => ->(n) { n.read_where },
        "track_line" => ->(n) { n.len(n.set.parts.dig(:pivots, :track_line)) },
        "pivots" => ->(n) { n.list(n.set.parts.dig(:pivots, :at)) },
        "side_gap" => ->(n) { n.len(n.set.parts.dig(:pivots, :side_gap)) },
        "top_gap" => ->(n) { n.len(n.set.kit.fetch("top_gap")) },
        "even" => ->(n) { n.set.opening["even"] || (n.set.planted.positive? ? "top" : "side") },
        "handle" => ->(n) {
          "#{n.len(n.set.fitted.handle_at)} from the hinge edge, " \
                  "#{n.len(n.set.parts.dig(:fittings, :handle))} above the finished floor"
        },
        "aligner" => ->(n) { n.len(n.set.parts.dig(:fittings, :aligner)) },
        "rough" => ->(n) {
          "#{n.num(n.set.parts.dig(:pocket, :rough_width))} × " \
                  "#{n.len(n.set.parts.dig(:pocket, :rough_height))}"
        },
        "stay" => ->(n) { n.len(n.set.parts.dig(:pocket, :stay)) },
        "screw" => ->(n) { n.len(n.set.parts.dig(:pocket, :longest_screw)) },
        "service" => ->(n) { n.set.opening["service_side"] || "service" }
      }.freeze
    end
  end
end
