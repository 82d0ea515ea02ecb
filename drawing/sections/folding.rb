# frozen_string_literal: true

module YellowTrack
  module Drawing
    class Sections
      # A folding panel under its track, behind a half jamb where there is one.
      class Folding < Sections
        private

        def front = @set.half_jamb ? @set.terms.setback + 18 : 0r

        def deep = front + @set.thickness + 20

        def above = @set.head_allowance

        def panels = [Across.new(@set.panels.first.name, front, front + @set.thickness)]

        def runs
          middle = z(front + @set.thickness / 2, :head)
          @pen.rect([middle - 12, down(0)], [24, 8], "runs")
          @pen.rect([middle - 3, down(0) + 8], [6, above.to_f * @scale + 8], "runs")
          return unless @set.half_jamb

          @pen.rect([z(0, :head), down(0)], [18 * @scale, @set.half_jamb.to_f * @scale], "strip")
        end

        def depths
          super
          return unless @set.half_jamb

          y = down(above) + SHOWN * @scale + 50
          @dimension.across(z(18, :head), z(front, :head), y, figure: say(@set.terms.setback), feet: y - 44)
        end

        def below(floor, under)
          middle = z(front + @set.thickness / 2, :foot)
          @pen.rect([middle - 10, floor - 5], [20, 5], "runs")
          @pen.rect([middle - 3, floor - under - 12], [6, under + 10], "runs")
        end
      end
    end
  end
end
