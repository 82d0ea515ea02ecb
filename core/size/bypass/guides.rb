# frozen_string_literal: true

module YellowTrack
  class Bypass
    # What steadies the panels at the floor (handbook 4 and 15): guides with where
    # they stand, a fin in a groove of the panel's, or a tongue of the panel's in a
    # groove of the floor's. All in mm.
    class Guides
      # The groove in the panels' foot, and the wood left at each side of it in the bottom rail.
      PanelGroove = Struct.new(:width, :depth, :wood)

      # The groove in the floor, and how far a tongue stands out of a panel's foot.
      FloorGroove = Struct.new(:width, :depth, :tongue)

      PLAY = 2r # a groove is this much wider than what runs in it
      SPARE = 3r # and this much deeper than that reaches
      FIN = {"width" => 5r, "height" => 28r, "length" => 18r}.freeze
      TONGUE = {"width" => 6r, "reach" => 8r}.freeze
      LIFTED = 2r # over a tongue's reach, to hang the panel
      KINDS = %w[side groove tongue].freeze

      # @return [Array<Rational>] where each stands, from the left jamb's foot
      attr_reader :places
      # @return [Rational, nil] thickness of the strips to glue on both faces of a bottom rail that is
      #   thinner than the stiles, so that side guides do not catch; nil where none are needed
      attr_reader :strips

      # @param brief [Brief]
      # @param heights [Heights]
      # @param places [Array<Rational>] of guides on the floor
      # @param thickness [Rational] of a panel
      # @raise [Fault] for a tongue that the panel cannot carry
      def initialize(brief, heights, places:, thickness:)
        @brief, @heights = brief, heights
        @places = tongue? ? [] : places
        @groove = tongue? ? floor_groove(thickness) : (groove(thickness) if groove?)
        @strips = strips_on_rail
        freeze
      end

      # @return [String] "side", "groove" or "tongue"
      def kind = chosen || kit["guide.kind"] || "side"

      # @return [Rational, nil] width of the groove in the panels' foot; nil without one
      def groove_width = (@groove.width if groove?)

      # @return [Rational, nil] its depth
      def groove_depth = (@groove.depth if groove?)

      # @return [Rational, nil] wood left at each side of it in the bottom rail
      def wood = (@groove.wood if groove?)

      # @return [Rational, nil] width of the groove in the floor; nil without one
      def floor_width = (@groove.width if tongue?)

      # @return [Rational, nil] its depth
      def floor_depth = (@groove.depth if tongue?)

      # @return [Rational, nil] how far a tongue stands out of a panel's foot
      def tongue = (@groove.tongue if tongue?)

      # Two schools: "groove" hides the guide and needs wood enough, "side" guides
      # hold any panel of even thickness. The fitter's, else the kit's.
      #
      # @return [String, nil]
      def chosen = opening["guide"]

      # Whether the panels run on a fin in a groove of theirs.
      def groove? = kind == "groove"

      # Whether the panels carry a tongue that runs in the floor.
      def tongue? = kind == "tongue"

      # Whether anything stands on the floor.
      def stands? = !tongue? && (!kit["guide"].nil? || chosen == "groove")

      # Length of what stands at a lap; nil where nothing says.
      def length = groove? ? fin("length") : (kit["guide.length"] unless tongue?)

      # How far a fin reaches into its groove where it reaches least; nil
      # without one.
      def reach = groove? ? places.map { |x| fin("height") - @heights.floor_gap.at(x) }.min : nil

      # How far a panel is lifted to hang it; nil without a tongue.
      def lift = tongue? ? tongue_size("reach") + LIFTED : nil

      # @return [Hash] places in mm, as they stand in the plan's file
      def to_h = {kind:, places:, groove_width:, groove_depth:, wood:, strips:}

      # The plan file's "guide": only where the fitter chose.
      def choice
        return {} unless chosen

        {guide: {kind:, length:, groove: chosen_groove, tongue:}}
      end

      private

      def opening = @brief.opening

      def kit = @brief.kit

      # A measure of the fin: the fitter's, else the kit's, else the usual.
      def fin(key) = opening["fin.#{key}"] || (kit["guide.#{key}"] if kit_fin?) || FIN.fetch(key)

      # Whether the kit brings a fin.
      def kit_fin? = kit["guide.width"] && kit["guide.height"]

      def tongue_size(key) = opening["tongue.#{key}"] || TONGUE.fetch(key)

      def chosen_groove = @groove&.then { |groove| {width: groove.width, depth: groove.depth} }

      def strips_on_rail
        stile, rail = opening["stile_thickness"], opening["rail_thickness"]
        return unless stile && rail && kind == "side" && stile > rail

        sum("strips", "Strips on the bottom rail", "(stile − rail) ÷ 2",
          why: "On both faces, flush with the stiles: side guides would catch on them.", stile:, rail:)
      end

      def groove(thickness)
        width = sum("groove_width", "Groove, wide", "fin + play", why: "Room for the fin.",
          fin: fin("width"), play: PLAY)
        depth = sum("groove_depth", "Groove, deep", "fin height − least gap + spare",
          why: "The fin's height is from the floor up.",
          fin_height: fin("height"), least_gap: kit.fetch("gap.least"), spare: SPARE)
        wood = sum("wood", "Wood beside the groove", "(rail − groove) ÷ 2",
          why: "At each side, in the thinnest part of the bottom rail.",
          rail: opening["rail_thickness"] || thickness, groove: width)
        PanelGroove.new(width, depth, wood)
      end

      def floor_groove(thickness)
        tongue, reach = tongue_size("width"), tongue_size("reach")
        refuse_tongue(tongue, thickness)
        width = sum("floor_width", "Groove in the floor, wide", "tongue + play",
          why: "The whole run, on the lane's centre line.", tongue:, play: PLAY)
        depth = sum("floor_depth", "Groove in the floor, deep", "reach + spare",
          why: "In the finished floor.", reach:, spare: SPARE)
        FloorGroove.new(width, depth, sum("tongue", "Tongue, out of the panel's foot", "gap + reach",
          why: "At the floor's high point.", gap: @heights.gap, reach:))
      end

      def refuse_tongue(width, thickness)
        return if width.positive? && width < thickness

        told = @brief.printer
        raise Fault.new("a tongue #{told.with_unit(width)} wide does not stand in a panel of " \
          "#{told.with_unit(thickness)}. Over 0 and under #{told.with_unit(thickness)} works.",
          key: "set.tongue.width")
      end

      def sum(key, title, formula, why:, **values) = @brief.work.sum("guides.#{key}", title, formula, why:, **values)
    end
  end
end
