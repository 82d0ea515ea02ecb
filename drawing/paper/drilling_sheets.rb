# frozen_string_literal: true

module YellowTrack
  module Drawing
    module Paper
      # A drilling sheet for each panel: the panel with everything on it, and
      # the table of its holes.
      class DrillingSheets
        HEADS = ["for", "in", "from the edge", "up", "diameter", "deep", "pilot"].freeze
        WIDTHS = [86, 44, 56, 42, 42, 34, 34].freeze

        # @param page [Page]
        # @param opening [Pack::Packed]
        # @param heading [Page::Heading]
        def initialize(page, opening, heading)
          @page = page
          @opening = opening
          @heading = heading
          @printer = opening.plan.opening.printer
        end

        # Puts it on paper, as many pages as it takes.
        def put
          Drilling.of(@opening.plan).each { |drilling| sheet(drilling) }
        end

        private

        def sheet(drilling)
          code = "#{@opening.letter}-D#{drilling.panel.name}"
          @page.begin(@heading.dup.tap { |heading|
            heading
                      .title = "#{code} · drilling, from the #{drilling.face} · #{@heading.title}"
          })
          @page.text("The #{drilling.face}'s face up, seen from it: #{drilling.edges.join(" at the left, ")} at the " \
            "right. Everything from the #{drilling.datum}.",
            at: [0, @page.top], size: 9)
          @page.drawing(PanelFace.new(drilling, @printer, code:), at: [-20, @page.top - 16], width: 200)
          @page.pdf.translate(190, 0) { @page.table([HEADS, *rows(drilling)], WIDTHS, from: @page.top - 20, size: 9) }
          @page.text("Holes in an edge are centred in the thickness of #{say(drilling.panel.thickness)}.", at: [0, 20],
            size: 9)
        end

        def rows(drilling)
          drilling.holes.map { |hole|
            [hole.for, hole.edge,
              *[hole.x, hole.y, hole.diameter, hole.depth, hole.pilot].map { |mm| mm ? say(mm) : "" }]
          } +
            drilling.grooves.map do |groove|
              ["groove", groove.edge, "#{say(groove.from)} – #{say(groove.to)}", "", "#{say(groove.width)} wide",
                say(groove.depth), ""]
            end
        end

        def say(mm) = @printer.short(mm)
      end
    end
  end
end
