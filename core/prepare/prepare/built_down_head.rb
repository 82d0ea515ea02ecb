# frozen_string_literal: true

module YellowTrack
  class Prepare
    # A head that is built down in a tall opening, framed like the wall it stands
    # in (handbook 7, "A head that is built down"): two plates, uprights between
    # them, a board on each face. All in mm.
    class BuiltDownHead
      PLATE = 38r # thickness of the framing
      LEAST = 96r # under it there is no room for uprights: it is packed
      APART = 400 # uprights no farther

      # @return [Rational] how much is built
      attr_reader :height
      # @return [Rational] its underside above the finished floor
      attr_reader :underside
      # @return [Rational, nil] thickness of the frame, so that boards land flush; nil
      #   while the wall's thickness is not read
      attr_reader :frame
      # @return [Rational] length of each upright
      attr_reader :upright

      # How much of a set's head has to be built: what is planned, and what panels
      # of a given height still want.
      #
      # @param set [Family]
      # @return [Rational] mm
      def self.wanted(set) = set.sizing.head_packing + (set.heights.build&.head || 0r)

      # Whether it is framed; a lower one is packed.
      def self.framed?(set) = wanted(set) >= LEAST

      # Where its uprights stand, their middles: at both ends and evenly between, mm from the left jamb.
      #
      # @param width [Rational] of its plates
      # @return [Array<Rational>]
      def self.uprights_of(width)
        count = (width / APART).ceil
        (0..count).map { |place| PLATE / 2 + (width - PLATE) * place / count }
      end

      # Its frame; nil where there is none, or it is packed.
      def self.of(set) = framed?(set) ? new(set) : nil

      # @param set [Family]
      def initialize(set)
        @set = set
        built
        framed
        freeze
      end

      # @return [Rational] length of each plate: from jamb to jamb
      def plate = survey["widths.top"]

      # @return [Integer] how many uprights
      def uprights = BuiltDownHead.uprights_of(plate).length

      # Both boards, each as long as a plate.
      def boards = 2

      # @return [Hash] mm, as it stands in the plan's file
      def to_h = {height:, underside:, frame:, plate:, upright:, uprights:}

      private

      def sum(key, title, formula, why:, **values)
        @set.work.sum("prepare.built_down.#{key}", title, formula, why:, **values)
      end

      def survey = @set.brief.survey

      def built
        planned, wanting = @set.sizing.head_packing, @set.heights.build&.head || 0r
        @height = sum("height", "Head to build down", "planned + wanting",
          why: "What is planned, and what the panels want.",
          planned:, wanting:)
        @underside = sum("underside", "Its underside", "level height − wanting", why: "Above the finished floor.",
          level_height: @set.sizing.height, wanting:)
      end

      def framed
        @frame = thickness
        @set.work.given("prepare.built_down.plate", "Plates", plate, from: :survey,
          source: "survey.widths.top", why: "From jamb to jamb, above and below.")
        @upright = sum("upright", "Uprights", "height − 2 × plate", why: "Between the plates.", height:, plate: PLATE)
      end

      def thickness
        wall = survey["wall.thickness"] or return
        sum("frame", "Framing, thick", "most(wall − 2 × board, 0)", why: "Boards land flush with the wall's.", wall:,
          board: survey["wall.board"] || Pocket::BOARD)
      end
    end
  end
end
