# frozen_string_literal: true

module YellowTrack
  class Bypass
    # The guides on the floor that steady the panels (handbook 4): where they
    # stand, and the groove that a fin runs in. All in mm.
    class Guides
      PLAY = 2r # a groove is this much wider than its fin
      SPARE = 3r # and this much deeper than the fin reaches

      # @return [Array<Rational>] where each stands, from the left jamb's foot
      attr_reader :places
      # @return [Rational, nil] width of the groove; nil for side guides
      attr_reader :groove_width
      # @return [Rational, nil] its depth
      attr_reader :groove_depth
      # @return [Rational, nil] wood left at each side of it in the bottom rail
      attr_reader :wood

      # @param brief [Brief]
      # @param heights [Heights]
      # @param places [Array<Rational>]
      # @param thickness [Rational] of a panel
      def initialize(brief, heights, places:, thickness:)
        @brief, @heights, @places, @thickness = brief, heights, places, thickness
        groove if groove?
      end

      # Two schools: "groove" hides the guide and needs wood enough, "side"
      # guides hold any panel of even thickness. The fitter's, else the kit's;
      # no groove without a fin on the kit sheet.
      #
      # @return [String]
      def kind = fin? ? opening["guide"] || kit["guide.kind"] : "side"

      # Whether the panels run on a fin in a groove.
      def groove? = kind == "groove"

      # How far a fin reaches into its groove where it reaches least; nil
      # without one.
      def reach = groove? ? places.map { |x| fin_height - @heights.floor_gap.at(x) }.min : nil

      # Strips to glue on both faces of a bottom rail that is thinner than the
      # stiles, so that side guides do not catch; nil where none are needed.
      def strips
        stile, rail = opening["stile_thickness"], opening["rail_thickness"]
        (stile && rail && !groove? && stile > rail) ? (stile - rail) / 2 : nil
      end

      def to_h = {kind:, places:, groove_width:, groove_depth:, wood:, strips:}

      private

      def opening = @brief.opening

      def kit = @brief.kit

      def fin? = kit["guide.width"] && kit["guide.height"]

      def fin_height = kit.fetch("guide.height")

      def groove
        @groove_width = sum("groove_width", "Groove, wide", "fin + play", "Room for the fin.",
          fin: kit.fetch("guide.width"), play: PLAY)
        @groove_depth = sum("groove_depth", "Groove, deep", "fin height − least gap + spare",
          "The fin's height is from the floor up.",
          fin_height:, least_gap: kit.fetch("gap.least"), spare: SPARE)
        @wood = sum("wood", "Wood beside the groove", "(rail − groove) ÷ 2",
          "At each side, in the thinnest part of the bottom rail.",
          rail: opening["rail_thickness"] || @thickness, groove: groove_width)
      end

      def sum(key, title, formula, why, **values) = @brief.work.sum("guides.#{key}", title, formula, why:, **values)
    end
  end
end
