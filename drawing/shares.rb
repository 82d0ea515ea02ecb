# frozen_string_literal: true

module YellowTrack
  module Drawing
    # What a door still can have, each cause with its share, the likeliest first.
    class Shares < Picture
      WIDTH = 640
      ROW, LEFT, HIGH = 34, 350, 16
      MOST = 10 # causes

      # @param standings [Array<Diagnosis::Standing>]
      def initialize(standings)
        @standings = standings.first(MOST)
      end

      # Width and height, screen units.
      def size = [WIDTH, ROW * MOST + 8]

      # What stands in the window's own line.
      def title = "What it still can be"

      # What it is called in the page; one of each stands there.
      def id = "shares"

      # Draws it with its pen.
      def paint
        @standings.each_with_index do |one, row|
          y = 4 + row * ROW
          pen.text([0, y + HIGH], one.cause.label[0, 52], "bay-word", anchor: "start")
          pen.rect([LEFT, y + 4], [WIDTH - LEFT - 60, HIGH], "bay")
          pen.rect([LEFT, y + 4], [(WIDTH - LEFT - 60) * one.share, HIGH], "runs")
          pen.text([WIDTH - 50, y + HIGH], per_cent(one), "figure", anchor: "start")
        end
      end

      private

      # Whole ones: a share is a guess, and a tenth of it says nothing.
      def per_cent(one) = "#{(one.share * 100).round} %"

      def description = @standings.map { |one| "#{one.cause.label} #{per_cent(one)}" }.join("; ")
    end
  end
end
