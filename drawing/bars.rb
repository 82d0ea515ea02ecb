# frozen_string_literal: true

module YellowTrack
  module Drawing
    # The bars of one material as they are cut, all to one scale.
    # Bars under each other with their pieces in the order of the cuts, to one scale, so that a short offcut looks
    # short.
    class Bars < Picture
      # What stands at the saw: the code in hand, and where a press on a piece leads.
      AtSaw = Struct.new(:in_hand, :leads, keyword_init: true)

      WIDTH = 900
      ROW = 44
      LEFT = 8
      HIGH = 26
      NAMED = 90 # screen units that code and length take
      CODED = 34 # and the code alone

      # @param cuts [Array<Cutting::Cut>]
      # @param printer [Length::Printer]
      # @param name [String] what ids begin with
      # @param wide [Integer] screen units of the whole
      # @param longest [Rational, nil] mm, of all bars that it is to be compared with
      # @param pieces [AtSaw, nil] where pieces can be pressed
      def initialize(cuts, printer, name:, wide: WIDTH, longest: nil, pieces: nil)
        @wide = wide
        @cuts = cuts
        super(printer)
        @name = name
        @pieces = pieces
        @scale = (wide - 2 * LEFT) / [(longest || cuts.map { |cut| cut.bar.length }.max).to_f, 1].max
      end

      # Width and height, screen units.
      def size = [@wide, ROW * @cuts.length + 4]

      # What stands in the window's own line.
      def title = "Bars as they are cut"

      # What it is called in the page; one of each stands there.
      def id = @name

      # Draws it with its pen.
      def paint
        @cuts.each_with_index { |cut, row| bar(cut, 2 + row * ROW) }
      end

      private

      # Bar by bar: which pieces, and what is left.
      def description
        @cuts.map { |cut|
          pieces = cut.pieces.map { |piece| "#{piece.name} #{say(piece.length)}" }.join(", ")
          "#{cut.bar.name || "Bar"} of #{say(cut.bar.length)}: #{pieces.empty? ? "uncut" : "#{pieces}#{left(cut)}"}."
        }.join(" ")
      end

      # From the left end, piece after piece; what is left over lies at the right.
      def bar(cut, top)
        pen.rect([LEFT, top], [cut.bar.length.to_f * @scale, HIGH], "bay")
        cut.pieces.zip(cut.places) do |piece, place|
          piece(piece, LEFT + place.to_f * @scale, piece.length.to_f * @scale, top:)
        end
        pen.text([LEFT, top + HIGH + 13],
          "#{cut.bar.name ? "#{cut.bar.name}, " : ""}#{say(cut.bar.length)}#{left(cut)}", "quiet", anchor: "start")
      end

      # What stays of a bar that is cut at all.
      def left(cut) = cut.pieces.empty? ? "" : "; left #{say(cut.offcut)}"

      # Code and length where both have room, else the code alone, and nothing on what is narrower still.
      def piece(piece, left, wide, top:)
        return draw(piece, left, wide, top:) unless @pieces

        says = "#{piece.name} #{say(piece.length)}: take it in hand"
        pen.link(@pieces.leads.call(piece.name), says) { draw(piece, left, wide, top:) }
      end

      # A piece by itself, after it was decided how much it says.
      def draw(piece, left, wide, top:)
        pen.rect([left, top], [wide, HIGH], (piece.name == @pieces&.in_hand) ? "face marked" : "face")
        pen.text([left + wide / 2, top + 18], "#{piece.name}  #{say(piece.length)}", "figure") if wide > NAMED
        pen.text([left + wide / 2, top + 18], piece.name, "bay-word") if wide.between?(CODED, NAMED)
      end
    end
  end
end
