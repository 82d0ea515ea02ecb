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
      # @raise [Fault] where nothing is left to fill
      def self.of(set)
        frame = set.opening["frame"] or return
        new(width: set.width, height: set.height, stile: frame["stile"] || USUAL[:stile], rails: frame["rails"] || USUAL[:rails],
          groove: frame["groove"] || USUAL[:groove], tenon: frame["tenon"] || 0r, solid: frame["solid"] == true)
      end

      attr_reader :stile, :rails, :groove, :tenon

      # @param width [Rational] P
      # @param height [Rational] Hp
      # @param stile [Rational] width of a stile
      # @param rails [Array<Rational>] widths from top to bottom, two or more
      # @param groove [Rational] its depth
      # @param tenon [Rational] length of a made tenon; 0 for loose ones
      # @param solid [Boolean] whether the infill is solid wood, its grain upright
      # @raise [Fault] where nothing is left to fill
      def initialize(width:, height:, stile:, rails:, groove:, tenon: 0r, solid: false)
        @width, @height, @stile, @rails, @groove, @tenon, @solid = width, height, stile, rails, groove, tenon, solid
        return if rails.length > 1 && sight_width.positive? && sight_height.positive?

        raise Fault, "Stiles of #{stile.to_f.round(1)} and rails of #{rails.sum.to_f.round(1)} mm leave nothing to fill in " \
          "#{width.to_f.round(1)} × #{height.to_f.round(1)}. Take narrower ones."
      end

      # @return [Rational] each of two
      def stiles = @height + 2 * HORN

      # @return [Rational] each rail
      def rail_length = @width - 2 * @stile + 2 * @tenon

      # One infill for each opening of the frame, all of one height.
      #
      # @return [Array<Infill>]
      def infills
        across = @solid ? SOLID_FREE : SHEET_FREE
        Array.new(@rails.length - 1) do
          Infill.new(width: sight_width + 2 * (@groove - across), height: sight_height + 2 * (@groove - SHEET_FREE))
        end
      end

      # @return [Array<Array(Rational, Rational)>] foot and head of each rail,
      #   above the panel's bottom, from the top
      def rail_places
        top = @height
        rails.map { |rail| [top - rail, top].tap { top -= rail + sight_height } }
      end

      def to_h = {stiles:, rail_length:, rails:, infill: {width: infills.first.width, height: infills.first.height, count: infills.length}}

      private

      def sight_width = @width - 2 * @stile

      def sight_height = (@height - @rails.sum) / (@rails.length - 1)
    end
  end
end
