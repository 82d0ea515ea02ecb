# frozen_string_literal: true

module YellowTrack
  module Drawing
    # A base strip along the floor, with the shim at each station, larger than
    # life.
    # The strip is level and the floor is not: under each station stands what fills the gap, with its height over it
    # and its place under it.
    class Shims < Picture
      WIDTH = 740
      HEIGHT = 130
      LEFT = 40
      LEVEL = 44
      HIGH = 60.0 # screen units for the thickest shim

      # @param stations [Array<Hash>] x, shim and layers, mm
      # @param printer [Length::Printer]
      def initialize(stations, printer)
        @stations = stations
        super(printer)
        @from, @to = stations.map { |station| station[:x] }.minmax
        @larger = HIGH / [stations.map { |station| station[:shim] }.max.to_f, 6].max
      end

      # What stands in the window's own line.
      def title = "Base strip along the floor"

      # What it is called in the page; one of each stands there.
      def id = "shims"

      # Draws it with its pen.
      def paint
        pen.rect([LEFT, LEVEL - 14], [WIDTH - 2 * LEFT, 14], "strip")
        pen.polyline(@stations.map { |station| [x(station), LEVEL + station[:shim].to_f * @larger] }, "cut")
        @stations.each do |station|
          deep = station[:shim].to_f * @larger
          pen.rect([x(station) - 7, LEVEL], [14, deep], "face") if deep.positive?
          pen.text([x(station), LEVEL - 20], say(station[:shim]), "figure")
          pen.text([x(station), LEVEL + deep + 16], say(station[:x]), "quiet")
        end
      end

      private

      # Each station with its shim and the layers that it is built up from.
      def description
        @stations.map { |station|
          layers = station[:layers].map { |layer| say(layer) }.join(" + ")
          "At #{say(station[:x])} shim #{say(station[:shim])}: " \
            "#{layers.empty? ? "none" : layers}."
        }.join(" ")
      end

      # Stations stand as far from each other as they do on the floor.
      def x(station) = LEFT + (WIDTH - 2 * LEFT) * ((station[:x] - @from) / [@to - @from, 1].max).to_f
    end
  end
end
