# frozen_string_literal: true

module YellowTrack
  module Drawing
    module Paper
      # Where panels are drilled: each face with everything on it and its holes in words, four on a sheet. Panels
      # that are drilled alike share one; both faces of a panel stand beside each other.
      # Faces four to a sheet, each with its holes in words beside it. Panels that are drilled alike stand there once,
      # with all their codes.
      class DrillingSheets
        ACROSS = 2
        DOWN = 2
        AIR = 12 # points between two
        HEAD = 42 # points above a drawing
        SHRUNK = 0.645 # of a screen unit to a point: its smallest words come to 9 points
        HIGH = 390 # screen units of a face

        # A face, and the panels that have it: their codes.
        Face = Struct.new(:drilling, :codes, :opening, keyword_init: true)

        # @param page [Page]
        # @param openings [Array<Pack::Packed>]
        # @param heading [Page::Heading]
        def initialize(page, openings, heading:)
          @page, @openings, @heading = page, openings, heading
        end

        # Puts them on paper, as many pages as it takes.
        def put
          rows.each_slice(DOWN) do |few|
            @page.begin(@heading)
            few.each_with_index { |row, down| row.each_with_index { |face, across| cell(face, across, down) } }
          end
        end

        # Faces as they stand beside each other: those of a panel in one row.
        #
        # @return [Array<Array<Face>>] two at the most in each
        def rows
          single, both = @openings.flat_map { |opening| alike(opening) }.partition(&:one?)
          both.flat_map { |faces| faces.each_slice(ACROSS).to_a } + single.flatten.each_slice(ACROSS).to_a
        end

        private

        # The panels of an opening that are drilled alike, each with its faces.
        def alike(opening)
          panels = Drilling.of(opening.plan).group_by { |drilling| drilling.panel.name }.values
          panels.group_by { |faces| faces.map { |drilling| look_of(drilling) } }.values.map do |same|
            codes = same.map { |faces| "#{opening.letter}-D#{faces.first.panel.name}" }
            same.first.map { |drilling| Face.new(drilling:, codes:, opening:) }
          end
        end

        # What two faces have to share to be drilled alike.
        def look_of(drilling)
          [drilling.face, drilling.edges, drilling.panel.width, drilling.panel.height, drilling.holes.map(&:to_a),
            drilling.grooves.map(&:to_a)]
        end

        # A face in its quarter of the sheet, under its codes.
        def cell(face, across, down)
          wide, high = (@page.wide - AIR) / ACROSS, (@page.top - AIR) / DOWN
          left, top = across * (wide + AIR), @page.top - 2 - down * (high + AIR)
          drilling, printer = face.drilling, face.opening.plan.opening.printer
          @page.text("#{face.codes.join(", ")} · #{drilling.face}'s face up", at: [left, top],
            size: 10.5, bold: true, width: wide)
          @page.lines(["Everything from the #{drilling.datum}. Holes in an edge are centred in its thickness of " \
            "#{printer.short(drilling.panel.thickness)}."], at: [left, top - 16], width: wide)
          holes(drilling, printer, at: [left, top - HEAD], wide:)
        end

        # The face, and beside it what is drilled.
        def holes(drilling, printer, at:, wide:)
          left, top = at
          picture = PanelFace.new(drilling, printer, code: drilling.panel.name, high: HIGH)
          drawn = picture.size.first * SHRUNK
          @page.drawing(picture, at: [left - 22, top], width: drawn)
          @page.lines(words(drilling, ->(mm) { printer.short(mm) }), at: [left + drawn - 40, top - 34],
            width: wide - drawn + 40, size: 9)
        end

        # Holes and marks that differ in their places alone are one line.
        def words(drilling, say)
          drilling.holes.group_by { |hole| [hole.for, hole.edge, hole.diameter, hole.depth, hole.pilot] }
            .map { |what, list| line(what, list, say) } +
            drilling.grooves.map do |groove|
              "groove, #{groove.edge}: #{say[groove.from]} to #{say[groove.to]}, #{say[groove.width]} wide, " \
                "#{say[groove.depth]} deep"
            end
        end

        # "3 × Ø 5, 12 deep, at …": what is set on the drill stands before where it goes.
        def line((purpose, edge, diameter, depth, pilot), list, say)
          ups = list.filter_map(&:y).uniq
          ["#{purpose}, #{edge}: #{list.map { |hole| say[hole.x] }.uniq.join(", ")}",
            *("#{ups.map { |up| say[up] }.join(", ")} up" if ups.any?), *("#{say[diameter]} across" if diameter),
            *("#{say[depth]} deep" if depth), *("pilot #{say[pilot]}" if pilot)].join("; ")
        end
      end
    end
  end
end
