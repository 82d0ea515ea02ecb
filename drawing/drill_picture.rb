# frozen_string_literal: true

module YellowTrack
  module Drawing
    # What a drill of practice is about, by itself and not to scale: small on the wall of drills, large beside a
    # question, where it says with letters what is given and with a ? what is asked. No number stands in it.
    class DrillPicture < Picture
      WIDTH = 360
      HEIGHT = 240
      ROOM = {left: 70, right: 290, top: 34, floor: 210}.freeze # where an opening is drawn

      class << self
        # @param key [String] of a drill
        # @param words [Boolean] whether it says what is what
        # @return [DrillPicture]
        def of(key, words: true) = kinds.fetch(key).new(key, words)

        # @return [Hash{String => Class}] by the drill's key
        def kinds
          @kinds ||= {"read-opening" => Readings, "tightest" => Tightest, "panel-width" => PanelWidth,
                      "what-lap" => WhatLap, "does-it-fit" => DoesItFit, "side-gap" => SideGap,
                      "pocket-frame" => PocketFrame, "left-to-cut" => LeftToCut, "build-up" => BuildUp,
                      "cut-from" => CutFrom, "which-way" => WhichWay, "can-adjust" => CanAdjust,
                      "guide-place" => GuidePlace, "what-ails" => WhatAils, "holds-up" => HoldsUp,
                      "which-once-more" => OnceMore,
                      "schools" => TwoWays}.freeze
        end
      end

      # @param key [String]
      # @param words [Boolean]
      def initialize(key, words)
        @key, @words = key, words
      end

      # What stands in the window's own line.
      def title = self.class::SAYS

      # What it is called in the page; one of each stands there.
      def id = "drill-#{@key}"

      # Where the jambs stand on the floor: per cent of the picture's width.
      def feet = ROOM.values_at(:left, :right).map { |x| 100.0 * x / WIDTH }

      private

      # No number in it is true: what is asked stands beside it in words.
      def description = "Not to scale."

      # The opening in its wall, and what hangs under its head.
      def opening(track: true)
        left, right, top, floor = ROOM.values
        pen.polygon([[left - 26, floor], [left - 26, top - 22], [right + 26, top - 22], [right + 26, floor],
          [right, floor], [right, top], [left, top], [left, floor]], "wall")
        pen.line([left - 40, floor], [right + 40, floor], "cut")
        pen.rect([left, top], [right - left, 8], "runs") if track
      end

      # Panels side by side, the first in front.
      def panels(*lefts, wide:, names: %w[A B])
        top, foot = ROOM[:top] + 14, ROOM[:floor] - 6
        lefts.zip(names).reverse_each do |left, name|
          pen.rect([left, top], [wide, foot - top], "face")
          say([left + wide / 2, (top + foot) / 2], name, "plan-letter")
        end
      end

      # A dimension across, with what it says over it.
      def across(from, to, says, at:)
        pen.line([from, at], [to, at], "cut")
        [from, to].each { |x| pen.line([x, at - 6], [x, at + 6], "tick") }
        say([(from + to) / 2, at - 6], says)
      end

      # One that stands up, with what it says beside it.
      def upright(from, to, says, at:)
        pen.line([at, from], [at, to], "cut")
        [from, to].each { |y| pen.line([at - 6, y], [at + 6, y], "tick") }
        say([at + 8, (from + to) / 2 + 5], says, anchor: "start")
      end

      # A word at its place.
      def say(at, words, css = "figure", **rest)
        pen.text(at, words, css, **rest) if @words
      end
    end
  end
end
