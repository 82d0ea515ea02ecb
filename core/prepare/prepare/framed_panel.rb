# frozen_string_literal: true

module YellowTrack
  class Prepare
    # Cuts of a framed panel made from the sized P × Hp (handbook 7, "Making a
    # framed panel"). All in mm.
    class FramedPanel
      HORN = 10 # beyond each end of a stile, trimmed off after glue-up
      SHEET_FREE = 1 # a sheet stays this clear of its groove's floor
      SOLID_FREE = 3 # solid wood across the grain: it moves

      # One opening of the frame, and what fills it.
      Infill = Struct.new(:width, :height, keyword_init: true)

      USUAL = {stile: 95r, rails: [95r, 180r], groove: 12r}.freeze

      # That of a set, as the fitter wants its frame; nil where he makes none.
      #
      # @param set [Family]
      # @return [FramedPanel, nil]
      def self.of(set)
        frame = set.opening["frame"] or return
        new(set.work, width: set.width, height: set.height, stile: frame["stile"] || USUAL[:stile],
          rails: frame["rails"] || USUAL[:rails],
          groove: frame["groove"] || USUAL[:groove], tenon: frame["tenon"] || 0r, solid: frame["solid"] == true)
      end

      attr_reader :stile, :rails, :groove, :tenon
      # @return [Rational] length of each of two stiles
      attr_reader :stiles
      # @return [Rational] length of each rail
      attr_reader :rail_length
      # @return [Array<Infill>] one for each opening of the frame, all alike
      attr_reader :infills

      # @param work [Working]
      # @param width [Rational] P
      # @param height [Rational] Hp
      # @param stile [Rational] width of a stile
      # @param rails [Array<Rational>] widths from top to bottom, two or more
      # @param groove [Rational] its depth
      # @param tenon [Rational] length of a made tenon; 0 for loose ones
      # @param solid [Boolean] whether the infill is solid wood, its grain upright
      def initialize(work, width:, height:, stile:, rails:, groove:, tenon: 0r, solid: false)
        @work, @width, @height, @stile, @rails, @groove, @tenon, @solid = work, width, height, stile, rails, groove,
          tenon, solid
        lengths
        @infills = (fills? ? Array.new(rails.length - 1, fill) : []).freeze
        freeze
      end

      # @return [Array<Array(Rational, Rational)>] foot and head of each rail,
      #   above the panel's bottom, from the top
      def rail_places
        top = @height
        rails.map { |rail| [top - rail, top].tap { top -= rail + sight_height } }
      end

      # @return [Hash] mm, as it stands in the plan's file
      def to_h
        {stiles:, rail_length:, rails:,
         infill: {width: infills.first&.width || 0r, height: infills.first&.height || 0r, count: infills.length}}
      end

      # Whether stiles and rails leave a sight opening to fill.
      def fills? = rails.length > 1 && sight_width.positive? && sight_height.positive?

      private

      def lengths
        @stiles = sum("stiles", "Stile, with its horns", "height + 2 × horn",
          why: "The horns are trimmed off after glue-up.", height: @height, horn: HORN.to_r)
        @rail_length = sum("rail", "Rail", "most(width − 2 × stile, 0) + 2 × tenon",
          why: "Between the stiles; made tenons go into them.",
          width: @width, stile:, tenon:)
      end

      def fill
        Infill.new(
          width: sum("infill.width", "Infill, wide", "sight + 2 × (groove − free)",
            why: "Clear of its groove's floor; solid wood moves across its grain.",
            sight: sight_width, groove:, free: (@solid ? SOLID_FREE : SHEET_FREE).to_r),
          height: sum("infill.height", "Infill, high", "sight + 2 × (groove − free)",
            why: "Clear of its groove's floor.",
            sight: sight_height, groove:, free: SHEET_FREE.to_r)
        ).freeze
      end

      def sum(key, title, formula, why:, **values) = @work.sum("prepare.framed.#{key}", title, formula, why:, **values)

      def sight_width = @width - 2 * @stile

      def sight_height = [@height - @rails.sum, 0r].max / [@rails.length - 1, 1].max
    end
  end
end
