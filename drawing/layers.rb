# frozen_string_literal: true

module YellowTrack
  module Drawing
    # A packed jamb cut across: its layers from the jamb out.
    class Layers
      WIDTH = 300
      HEIGHT = 92
      JAMB = 40
      MOST = 5.0 # screen units a millimetre

      # @param build_up [Hash] target, layers and shortfall, mm
      # @param printer [Length::Printer]
      # @param side ["left", "right"]
      def initialize(build_up, printer, side:)
        @build_up = build_up
        @printer = printer
        @side = side
        @scale = [(WIDTH - JAMB - 40) / [build_up[:target].to_f, 1].max, MOST].min
      end

      # @return [String] SVG
      def to_s
        svg = SVG.new(WIDTH, HEIGHT, title: "Packing of the #{@side} jamb", description: words, name: "layers-#{@side}")
        svg.rect([0, 8], [JAMB, 58], "wall")
        left = JAMB.to_f
        @build_up[:layers].each do |layer|
          wide = layer.to_f * @scale
          svg.rect([left, 8], [wide, 58], "strip")
          svg.text([left + wide / 2, 84], @printer.short(layer), "figure")
          left += wide
        end
        svg.to_s
      end

      # The layers in words. @return [String]
      def words
        layers = @build_up[:layers].map { |layer| @printer.short(layer) }.join(" + ")
        short = @build_up[:shortfall]
        "#{layers.empty? ? "No layer is thin enough" : layers} from the jamb out#{", #{@printer.short(short)} short of #{@printer.short(@build_up[:target])}" if short > Prepare::BuildUp::TOLD}."
      end
    end
  end
end
