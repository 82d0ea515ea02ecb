# frozen_string_literal: true

module YellowTrack
  module Drawing
    # The bars of one material as they are cut, all to one scale.
    class Bars
      WIDTH = 900
      ROW = 44
      LEFT = 8
      HIGH = 26

      # @param cuts [Array<Cutting::Cut>]
      # @param printer [Length::Printer]
      # @param name [String] what ids begin with
      def initialize(cuts, printer, name:)
        @cuts = cuts
        @printer = printer
        @name = name
        @scale = (WIDTH - 2 * LEFT) / [cuts.map { |cut| cut.bar.length }.max.to_f, 1].max
      end

      # @return [String] SVG
      def to_s
        @svg = SVG.new(WIDTH, ROW * @cuts.length + 4, title: "Bars as they are cut", description:, name: @name)
        @cuts.each_with_index { |cut, row| bar(cut, 2 + row * ROW) }
        @svg.to_s
      end

      private

      def description
        @cuts.map { |cut| "#{cut.bar.name || "Bar"} of #{say(cut.bar.length)}: #{cut.pieces.map { |piece| "#{piece.name} #{say(piece.length)}" }.join(", ")}; left #{say(cut.offcut)}." }.join(" ")
      end

      def say(mm) = @printer.short(mm)

      def bar(cut, top)
        @svg.rect([LEFT, top], [cut.bar.length.to_f * @scale, HIGH], "bay")
        left = LEFT.to_f
        kerf = cut.pieces.length.positive? ? (cut.bar.length - cut.offcut - cut.pieces.sum(&:length)) / cut.pieces.length : 0
        cut.pieces.each do |piece|
          wide = piece.length.to_f * @scale
          @svg.rect([left, top], [wide, HIGH], "face")
          @svg.text([left + wide / 2, top + 18], "#{piece.name}  #{say(piece.length)}", "figure") if wide > 90
          @svg.text([left + wide / 2, top + 18], piece.name, "bay-word") if wide.between?(34, 90)
          left += wide + [kerf.to_f, 8].min * @scale
        end
        @svg.text([LEFT, top + HIGH + 13], "#{cut.bar.name ? "#{cut.bar.name}, " : ""}#{say(cut.bar.length)}; left #{say(cut.offcut)}", "quiet", anchor: "start")
      end
    end
  end
end
