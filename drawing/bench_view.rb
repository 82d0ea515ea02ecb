# frozen_string_literal: true

module YellowTrack
  module Drawing
    # A hung panel, or a folding pair, at its jamb: real proportion, its gaps
    # larger than life, so that a turn of a screw is seen. Where it stands after
    # any turning is a transform of each of its layers, so that a script only
    # has to set them.
    class BenchView < Picture
      WIDTH = 740
      HEIGHT = 560
      FOOT = 500 # where the floor is drawn
      TALL = 400 # of a panel, at most
      WIDE = 360
      HEAD = 46 # thickness of the head as drawn
      LAP = 16 # of a neighbour, as drawn
      LARGEST = 44.0 # of a gap as drawn
      FACTORS = [40, 30, 20, 15, 12, 10, 8, 6, 5, 4, 3, 2, 1].freeze

      # @return [Hash{Symbol => Class}] by how the panels go
      def self.kinds = @kinds ||= {slide: Sliding, fold: Folding}.freeze

      # @param reading [Adjust::Reading]
      # @param answer [Adjust::Slider, Adjust::Fold, nil] nil while readings are
      #   missing
      # @param turned [Hash{String => Numeric}] mm that each control was turned
      # @param advised [Boolean] whether it shows where it is to come to
      def self.of(reading, answer, turned = {}, advised: true)
        kinds.fetch(reading.motion).new(reading, answer, turned, advised:)
      end

      # @param advised [Boolean] whether it shows where it is to come to
      def initialize(reading, answer, turned, advised: true)
        @reading = reading
        @answer = answer
        @advised = advised
        @turned = reading.controls.to_h { |control| [control, turned[control] || 0r] }
      end

      # Where each gap is typed: per cent of the picture's width and height.
      #
      # @return [Hash{String => Array(Integer, Integer)}]
      def places = spots.transform_values { |x, y| [(100.0 * x / WIDTH).round, (100.0 * y / HEIGHT).round] }

      # How many times larger than life its gaps are drawn.
      def factor
        largest = gaps.values.map { |gap| gap.abs.to_f }.max || 0
        FACTORS.find { |one| largest * one * scale <= LARGEST } || 1
      end

      # What it is called in the page; one of each stands there.
      def id = "bench"

      # Draws it with its pen.
      def paint
        frame
        beside
        layered(suggested, "ghost") { outline("ghost-face") } if @advised && suggested
        layered(@turned, "hung-panel", live: true) { body } if @answer
        layered({}, "hung-panel") { body } unless @answer
        callouts
      end

      private

      # Screen units that a panel's height takes, whatever it is in life.
      def tallest = TALL

      # mm across what hangs.
      def across = @reading.panel.width

      def right? = @reading.jamb == "right"

      # Screen units a millimetre.
      def scale = [tallest / @reading.panel.height.to_f, WIDE / across.to_f].min

      # What was read; nothing where no reading makes a whole.
      def gaps = @answer ? @reading.read["gaps"] : {}

      # The panel's height and width on the picture.
      def tall = @reading.panel.height * scale

      # Of one panel, screen units.
      def wide = across * scale

      # The panel stands a little over the floor, which is drawn.
      def top = FOOT - 8 - tall

      # The jamb's face.
      def jamb = right? ? 560.0 : 180.0

      # From the jamb into the opening.
      def inward(units) = right? ? jamb - units : jamb + units

      # mm as drawn, larger than life.
      def large(mm) = mm.to_f * factor * scale

      # The layers of something that hangs, each with its transform.
      def layered(turned, css, live: false, &drawn)
        layers(turned).to_a.reverse.reduce(drawn) do |inner, (name, transform)|
          -> { pen.group(css, transform:, **(live ? {"data-layer": name} : {})) { inner.call } }
        end.call
      end

      # The wall at the head and at the jamb, the floor, and what the panel runs in: what its gaps are read to.
      def frame
        left, right = [inward(wide * (@reading.neighbour? ? 2 : 1) + 24), inward(-62)].minmax
        pen.rect([left, top - HEAD - 12], [right - left, HEAD - 16], "wall")
        pen.rect([[jamb, inward(-62)].min, top - 28], [62, FOOT - top + 28], "wall")
        pen.rect([left, FOOT], [right - left, 7], "strip")
        pen.rect([right? ? left + 14 : jamb, top - 28], [right - left - 76, 10], "runs")
      end

      # The neighbour away from the jamb, as much of it as there is room for.
      def beside
        pen.rect([[inward(wide - LAP), inward(wide * 2 - LAP)].min, top], [wide, tall], "neighbour") if @reading
          .neighbour?
      end

      # As it hangs true; turning it is a transform's, and no corner's.
      def corners = [[inward(0), top], [inward(wide), top], [inward(wide), top + tall], [inward(0), top + tall]]

      def outline(css) = pen.polygon(corners, css)

      # Lines from each gap to where it is typed.
      def callouts
        spots.each do |gap, (x, y)|
          pen.place("gap.#{gap}") { pen.line(ends.fetch(gap), [x, y], "dimension") }
        end
      end

      # In tenths of a mm whatever is used elsewhere: a quarter turn has to show.
      def figure(mm) = format("%.1f", mm.to_f)

      # The gaps in words, as the page has them.
      def description
        return "Gaps not read yet: #{@reading.missing.join(", ")}." unless @answer

        "Gaps read: #{gaps.map { |gap, mm| "#{gap} #{figure(mm)}" }.join(", ")} mm, drawn #{factor} times larger " \
          "than life."
      end
    end
  end
end
