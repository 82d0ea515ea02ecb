# frozen_string_literal: true

require "forwardable"

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

      # A frame as it is wanted: stile, width of a stile; rails, their widths from top to bottom, two or more; groove,
      # its depth; tenon, length of a made one, 0 for loose ones; solid, whether the infill is solid wood, its grain
      # upright. All in mm.
      Frame = Struct.new(:stile, :rails, :groove, :tenon, :solid, keyword_init: true)

      extend Forwardable

      def_delegators :@frame, :stile, :rails, :groove, :tenon

      # That of a set, as the fitter wants its frame; nil where he makes none.
      #
      # @param set [Family]
      # @return [FramedPanel, nil]
      def self.of(set)
        frame = set.opening["frame"] or return
        wanted = Frame.new(stile: frame["stile"] || USUAL[:stile], rails: frame["rails"] || USUAL[:rails],
          groove: frame["groove"] || USUAL[:groove], tenon: frame["tenon"] || 0r, solid: frame["solid"] == true)
        new(set.work, wanted, width: set.width, height: set.height)
      end

      # @return [Rational] length of each of two stiles
      attr_reader :stiles
      # @return [Rational] length of each rail
      attr_reader :rail_length
      # @return [Array<Infill>] one for each opening of the frame, all alike
      attr_reader :infills

      # @param work [Working]
      # @param frame [Frame]
      # @param width [Rational] P
      # @param height [Rational] Hp
      def initialize(work, frame, width:, height:)
        @frame, @size = frame, {width:, height:}.freeze
        lengths(work)
        @infills = (fills? ? Array.new(rails.length - 1, fill(work)) : []).freeze
        freeze
      end

      # @return [Array<Array(Rational, Rational)>] foot and head of each rail,
      #   above the panel's bottom, from the top
      def rail_places
        top = height
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

      def width = @size[:width]

      def height = @size[:height]

      def lengths(work)
        @stiles = sum(work, "stiles", "Stile, with its horns", formula: "height + 2 × horn",
          why: "The horns are trimmed off after glue-up.", height:, horn: HORN.to_r)
        @rail_length = sum(work, "rail", "Rail", formula: "most(width − 2 × stile, 0) + 2 × tenon",
          why: "Between the stiles; made tenons go into them.",
          width:, stile:, tenon:)
      end

      def fill(work)
        Infill.new(
          width: sum(work, "infill.width", "Infill, wide", formula: "sight + 2 × (groove − free)",
            why: "Clear of its groove's floor; solid wood moves across its grain.",
            sight: sight_width, groove:, free: (@frame.solid ? SOLID_FREE : SHEET_FREE).to_r),
          height: sum(work, "infill.height", "Infill, high", formula: "sight + 2 × (groove − free)",
            why: "Clear of its groove's floor.",
            sight: sight_height, groove:, free: SHEET_FREE.to_r)
        ).freeze
      end

      def sum(work, key, title, formula:, why:, **values)
        work.sum("prepare.framed.#{key}", title, formula, why:, **values)
      end

      def sight_width = width - 2 * stile

      def sight_height = [height - rails.sum, 0r].max / [rails.length - 1, 1].max
    end
  end
end
