# frozen_string_literal: true

module YellowTrack
  module Drawing
    module Paper
      # Full-size strips to lay on the ends of a panel: where holes are, from either end, and a bar that proves the
      # printer's scale. What lies between is left out; ends that are alike share a strip, whosever they are.
      # Paper strips at true size, laid to a panel's edge to mark its holes. Printed a hundredth too small they would
      # spoil a door: so a length to be proved with a rule stands on every sheet.
      class Strips
        BEYOND = 15 # mm of a strip past its last hole
        LONGEST = 186 # mm, what a sheet holds
        BESIDE = 6 # mm between two beside each other
        PROOF = 100 # mm
        CROSS = 5 # mm
        AIR = 13 # mm from one strip to the next
        LOW = 8 # mm that stay free under the last
        NAMED = 160 # points that its name may take at least

        # A stretch of an edge: the panels' codes, the end that it is laid to and measured from, where in the edge it
        # stands; thickness, holes (Place), how much of it is shown, all in mm.
        Part = Struct.new(:codes, :edge, :datum, :thickness, :holes, :shown, :right, keyword_init: true)

        # A hole: at, from the strip's end, and across, mm; says, what is written at it.
        Place = Struct.new(:at, :across, :says, keyword_init: true)

        # @param page [Page]
        # @param openings [Array<Pack::Packed>]
        # @param heading [Page::Heading]
        def initialize(page, openings, heading:)
          @page, @openings, @heading = page, openings, heading
        end

        # Puts them on paper under each other, short ones beside each other, as many pages as it takes.
        def put
          @left = 0
          rows.each do |row|
            high = mm(row.map(&:thickness).max + AIR)
            fresh if @left < high
            row.reduce(0) do |x, part|
              @page.pdf.translate(mm(x), 0) { strip(part, @left - mm(AIR) + 6) }
              x + part.shown + BESIDE
            end
            @left -= high
          end
        end

        # @return [Array<Part>] alike ones once
        def parts
          ends = @openings.flat_map { |opening| Drilling.of(opening.plan).flat_map { |one| of(one, opening) } }
          ends.group_by { |part| part.to_h.except(:codes) }
            .map { |_, same| same.first.dup.tap { |one| one.codes = same.flat_map(&:codes).uniq } }
            .sort_by { |part| [-part.shown, part.edge, part.thickness] }
        end

        # Parts that stand beside each other, each in the first row that has room for it.
        #
        # @return [Array<Array<Part>>]
        def rows
          parts.each_with_object([]) do |part, rows|
            row = rows.find { |one| (one + [part]).sum { |each| each.shown + BESIDE } <= LONGEST + BESIDE }
            row ? row << part : rows << [part]
          end
        end

        private

        # Millimetres in points, for the paper has no other scale.
        def mm(length) = (length * Page::MM).to_f

        # The ends of a panel's edges that have holes. A hole farther in than a strip is long is read off its end.
        def of(drilling, opening)
          drilling.holes.reject { |hole| hole.edge == "face" }.group_by(&:edge).flat_map do |edge, holes|
            from_datum, from_far = holes.partition { |hole| hole.x * 2 <= drilling.panel.width }
            [part(drilling, opening, edge:, holes: from_datum),
              part(drilling, opening, edge:, holes: from_far, far: true)].compact
          end
        end

        # What a strip shows: its panel, its edge, the holes that lie on it, and which end it is laid to.
        def part(drilling, opening, edge:, holes:, far: false)
          return if holes.empty?

          width, thickness = drilling.panel.width, drilling.panel.thickness
          places = holes.map { |hole| place(hole, far ? width - hole.x : hole.x, opening.plan.opening.printer) }
          datum = far ? (drilling.edges - [drilling.datum]).first || drilling.datum : drilling.datum
          Part.new(codes: ["#{opening.letter}-D#{drilling.panel.name}"], edge:, datum:, thickness:, holes: places,
            right: datum == drilling.edges.last, shown: [places.map(&:at).max + BEYOND, LONGEST, width].min)
        end

        # In the unit of its own opening: a job may have both.
        # Where a hole is, in words, for one that the strip cannot reach.
        def place(hole, at, printer)
          Place.new(at:, across: hole.diameter, says: "#{hole.for} #{printer.short(at)}")
        end

        # A new sheet, with its proof.
        def fresh
          @page.begin(@heading)
          @page.pdf.stroke_line([0, @page.top - 10], [mm(PROOF), @page.top - 10])
          [0, PROOF].each { |at| @page.pdf.stroke_line([mm(at), @page.top - 14], [mm(at), @page.top - 6]) }
          @page.text("#{PROOF} mm: measure it. If it is not, print without scaling.",
            at: [mm(PROOF) + 8, @page.top - 4], size: 9, width: @page.wide - mm(PROOF) - 8)
          @left = @page.top - 20 + mm(LOW)
        end

        # The strip's outline, its name, its end, and a cross at each hole.
        def strip(part, top)
          deep, long = mm(part.thickness), mm(part.shown)
          @page.text("#{part.codes.join(", ")} · #{part.edge} · from the #{part.datum}", at: [0, top + 13], size: 9,
            width: [long, NAMED].max)
          @page.pdf.stroke_line([0, top], [long, top])
          @page.pdf.stroke_line([0, top - deep], [long, top - deep])
          @page.pdf.stroke_line([along(part, 0), top + 4], [along(part, 0), top - deep - 4])
          part.holes.each { |hole| hole(part, hole, top - deep / 2) }
        end

        # Points from the paper's left of a place on the strip, whose end is at the side that it has on the panel.
        def along(part, at) = mm(part.right ? part.shown - at : at)

        # A hole that is farther from its end than the strip is long is said in words.
        def hole(part, hole, y)
          return beyond(part, hole, y) if hole.at > part.shown

          x = along(part, hole.at)
          @page.pdf.stroke_line([x - mm(CROSS), y], [x + mm(CROSS), y])
          @page.pdf.stroke_line([x, y - mm(CROSS)], [x, y + mm(CROSS)])
          @page.pdf.stroke_circle([x, y], mm(hole.across / 2)) if hole.across
          @page.text(hole.says, at: [x + 6, y - 3], size: 9, width: 120)
        end

        # Told from the strip's own end, so that nobody measures from the wrong one.
        def beyond(part, hole, y)
          @page.text("#{hole.says}: measure it", at: [along(part, part.shown / 2), y + 4], size: 9)
        end
      end
    end
  end
end
