# frozen_string_literal: true

module YellowTrack
  module Drawing
    # A hung panel, or a folding pair, at its jamb: real proportion, its gaps
    # larger than life, so that a turn of a screw is seen. Where it stands after
    # any turning is a transform of each of its layers, so that a script only
    # has to set them.
    class Bench
      WIDTH = 740
      HEIGHT = 560
      FOOT = 500 # where the floor is drawn
      TALL = 400 # of a panel, at most
      WIDE = 360
      HEAD = 46 # thickness of the head as drawn
      LAP = 16 # of a neighbour, as drawn
      LARGEST = 44.0 # of a gap as drawn
      FACTORS = [40, 30, 20, 15, 12, 10, 8, 6, 5, 4, 3, 2, 1].freeze

      # @param hung [Adjust::Hung]
      # @param answer [Adjust::Slider, Adjust::Fold, nil] nil while readings are
      #   missing
      # @param turned [Hash{String => Numeric}] mm that each control was turned
      def self.of(hung, answer, turned = {}) = ((hung.kind == :slider) ? Sliding : Folding).new(hung, answer, turned)

      def initialize(hung, answer, turned)
        @hung = hung
        @answer = answer
        @turned = hung.controls.to_h { |control| [control, turned[control] || 0r] }
        @right = hung.jamb == "right"
        @scale = [tallest / hung.panel.height.to_f, WIDE / across.to_f].min
      end

      # Where each gap is typed: per cent of the picture's width and height.
      #
      # @return [Hash{String => Array(Integer, Integer)}]
      def places = spots.transform_values { |x, y| [(100.0 * x / WIDTH).round, (100.0 * y / HEIGHT).round] }

      # How many times larger than life its gaps are drawn.
      def factor
        largest = gaps.values.map { |gap| gap.abs.to_f }.max || 0
        FACTORS.find { |one| largest * one * @scale <= LARGEST } || 1
      end

      # @return [String] SVG
      def to_s
        @svg = SVG.new(WIDTH, HEIGHT, title:, description:, name: "bench")
        frame
        beside
        hung(suggested, "ghost") { outline("ghost-face") } if suggested
        hung(@turned, "hung-panel", live: true) { body } if @answer
        hung({}, "hung-panel") { body } unless @answer
        callouts
        @svg.to_s
      end

      private

      def tallest = TALL

      # mm across what hangs.
      def across = @hung.panel.width

      def gaps = @answer ? @hung.read["gaps"] : {}

      def tall = @hung.panel.height * @scale

      def wide = across * @scale

      def top = FOOT - 8 - tall

      # The jamb's face.
      def jamb = @right ? 560.0 : 180.0

      # From the jamb into the opening.
      def inward(units) = @right ? jamb - units : jamb + units

      # mm as drawn, larger than life.
      def large(mm) = mm.to_f * factor * @scale

      # The layers of something that hangs, each with its transform.
      def hung(turned, css, live: false, &drawn)
        layers(turned).to_a.reverse.reduce(drawn) do |inner, (name, transform)|
          -> { @svg.group(css, transform:, **(live ? {"data-layer": name} : {})) { inner.call } }
        end.call
      end

      def frame
        left, right = [inward(wide * (@hung.neighbour? ? 2 : 1) + 24), inward(-62)].minmax
        @svg.rect([left, top - HEAD - 12], [right - left, HEAD - 16], "wall")
        @svg.rect([[jamb, inward(-62)].min, top - 28], [62, FOOT - top + 28], "wall")
        @svg.rect([left, FOOT], [right - left, 7], "strip")
        @svg.rect([@right ? left + 14 : jamb, top - 28], [right - left - 76, 10], "runs")
      end

      # The neighbour away from the jamb, as much of it as there is room for.
      def beside
        @svg.rect([[inward(wide - LAP), inward(wide * 2 - LAP)].min, top], [wide, tall], "beside") if @hung.neighbour?
      end

      def corners = [[inward(0), top], [inward(wide), top], [inward(wide), top + tall], [inward(0), top + tall]]

      def outline(css) = @svg.polygon(corners, css)

      # Lines from each gap to where it is typed.
      def callouts
        spots.each { |gap, (x, y)| @svg.line(ends.fetch(gap), [x, y], "dimension") }
      end

      def figure(mm) = format("%.1f", mm.to_f)

      def description
        return "Gaps not read yet: #{@hung.missing.join(", ")}." unless @answer

        "Gaps read: #{gaps.map { |gap, mm| "#{gap} #{figure(mm)}" }.join(", ")} mm, drawn #{factor} times larger than life."
      end
    end
  end
end
