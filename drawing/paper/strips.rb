# frozen_string_literal: true

module YellowTrack
  module Drawing
    module Paper
      # Full-size strips to lay on the ends of a panel, over as many sheets as
      # they take, with marks where they overlap and a bar that proves the
      # printer's scale. Panels whose ends are alike share a strip.
      class Strips
        SHOWN = 260 # mm of a strip on a sheet
        OVERLAP = 10 # mm
        PROOF = 100 # mm
        CROSS = 5 # mm
        ROWS = 3 # strips on a sheet
        ROW = 45 # mm from one to the next

        # A stretch of an edge on a sheet: panels' names, edge and the one that it
        # is measured from, width and thickness, holes, and the part shown, mm.
        Part = Struct.new(:names, :edge, :datum, :width, :thickness, :holes, :from, keyword_init: true) do
          # Where the part ends that is shown, mm.
          def to = [from + SHOWN, width].min
        end

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
          parts.each_slice(ROWS) do |few|
            @page.begin(@heading.dup.tap { |heading| heading.title = "Strips, full size · #{@heading.title}" },
              layout: :landscape)
            proof
            few.each_with_index { |part, row| strip(part, @page.top - mm(16 + row * ROW)) }
          end
        end

        # @return [Array<Part>]
        def parts
          alike.flat_map do |(edge, datum, width, thickness, holes), names|
            (0r..(width - 1)).step(SHOWN - OVERLAP).map do |from|
              Part.new(names:, edge:, datum:, width:, thickness:, holes:, from:)
            end
          end
        end

        private

        def mm(length) = (length * Page::MM).to_f

        # Ends that have holes, by what they look like.
        def alike
          ends = Drilling.of(@opening.plan).flat_map do |drilling|
            drilling.holes.reject { |hole| hole.edge == "face" }.group_by(&:edge).map do |edge, holes|
              [[edge, drilling.datum, drilling.panel.width, drilling.panel.thickness,
                holes.map { |hole| [hole.for, hole.x, hole.diameter] }], drilling.panel.name]
            end
          end
          ends.group_by(&:first).transform_values { |list| list.map(&:last) }
        end

        def proof
          @page.pdf.stroke_line([0, @page.top - 10], [mm(PROOF), @page.top - 10])
          [0, PROOF].each { |at| @page.pdf.stroke_line([mm(at), @page.top - 14], [mm(at), @page.top - 6]) }
          @page.text("#{PROOF} mm: measure this bar. Is it any other length, print without scaling.",
            at: [mm(PROOF) + 8, @page.top - 4], size: 9)
        end

        def strip(part, top)
          deep = mm(part.thickness)
          @page.text("#{part.names.map { |name| "#{@opening.letter}-D#{name}" }.join(", ")} · #{part.edge} edge · " \
            "#{say(part.from)} to #{say(part.to)} of #{say(part.width)}, from the #{part.datum}",
            at: [0, top + 14], size: 9)
          outline(part, top, deep)
          part.holes.each do |purpose, x, diameter|
            hole(purpose, mm(x - part.from), diameter, y: top - deep / 2) if x.between?(part.from, part.to)
          end
        end

        def outline(part, top, deep)
          long = mm(part.to - part.from)
          @page.pdf.stroke_line([0, top], [long, top])
          @page.pdf.stroke_line([0, top - deep], [long, top - deep])
          ends(part, top, deep, long:)
        end

        # A real end is a line; where a strip goes on, a dashed mark says where
        # the next sheet begins.
        def ends(part, top, deep, long:)
          @page.pdf.stroke_line([0, top], [0, top - deep]) if part.from.zero?
          return @page.pdf.stroke_line([long, top], [long, top - deep]) if part.to == part.width

          @page.pdf.dash(3)
          @page.pdf.stroke_line([long - mm(OVERLAP), top + 6], [long - mm(OVERLAP), top - deep - 6])
          @page.pdf.undash
        end

        def hole(purpose, x, diameter, y:)
          @page.pdf.stroke_line([x - mm(CROSS), y], [x + mm(CROSS), y])
          @page.pdf.stroke_line([x, y - mm(CROSS)], [x, y + mm(CROSS)])
          @page.pdf.stroke_circle([x, y], mm(diameter / 2)) if diameter
          @page.text(purpose, at: [x + 6, y - 4], size: 8, width: 120)
        end

        def say(length) = @printer.short(length)
      end
    end
  end
end
