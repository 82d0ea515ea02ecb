# frozen_string_literal: true

module YellowTrack
  class Prepare
    # A head that is built down in a tall opening (handbook 7). All in mm.
    class BuiltDownHead
      # @return [Rational] its underside above the finished floor
      attr_reader :underside
      # @return [Rational] how much to build
      attr_reader :height

      # Above a wall-hung panel, which covers it by so much.
      def self.covered(panel:, gap:, cover:, level_height:) = new(panel + gap - cover, level_height)

      # Above a top-hung panel, whose track it carries.
      def self.carrying(panel:, gap:, drop:, level_height:) = new(panel + gap + drop, level_height)

      # Frame's thickness, so that boards land flush.
      def self.frame(wall:, board:) = wall - 2 * board

      def initialize(underside, level_height)
        @underside = underside
        @height = level_height - underside
      end
    end
  end
end
