# frozen_string_literal: true

module YellowTrack
  module Drawing
    # A packed jamb cut across: its layers from the jamb out.
    class Layers < Picture
      WIDTH = 300
      HEIGHT = 92
      JAMB = 40
      MOST = 5.0 # screen units a millimetre

      # @param build_up [Hash] target, layers and shortfall, mm
      # @param printer [Length::Printer]
      # @param side ["left", "right"]
      def initialize(build_up, printer, side:)
        @build_up = build_up
        super(printer)
        @side = side
        @scale = [(WIDTH - JAMB - 40) / [build_up[:target].to_f, 1].max, MOST].min
      end

      # What stands in the window's own line.
      def title = "Packing of the #{@side} jamb"

      # What it is called in the page; one of each stands there.
      def id = "layers-#{@side}"

      # Draws it with its pen.
      def paint
        pen.rect([0, 8], [JAMB, 58], "wall")
        left = JAMB.to_f
        @build_up[:layers].each do |layer|
          wide = layer.to_f * @scale
          pen.rect([left, 8], [wide, 58], "strip")
          pen.text([left + wide / 2, 84], say(layer), "figure")
          left += wide
        end
      end

      # The layers in words. @return [String]
      def words
        layers = @build_up[:layers].map { |layer| say(layer) }.join(" + ")
        short = @build_up[:shortfall]
        told = short > Prepare::BuildUp::TOLD
        missing = ", #{say(short)} short of #{say(@build_up[:target])}" if told
        "#{layers.empty? ? "No layer is thin enough" : layers} from the jamb out#{missing}."
      end

      alias_method :description, :words
    end
  end
end
