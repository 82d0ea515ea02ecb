# frozen_string_literal: true

module YellowTrack
  module Drawing
    module Paper
      # The cut list: each material's bars to scale, and the panels.
      # For the saw, where hands are gloved and light is poor: bars as they lie, each piece with its code and length,
      # and what has to come out in writing beside them.
      class CutSheets
        BARS = 20 # on a page
        BAR = 29 # points
        WIDE = 800 # screen units, at which its words are large enough
        ROWS = 30

        # @param page [Page]
        # @param lots [Array<Pack::Lot>]
        # @param openings [Array<Pack::Packed>]
        # @param heading [Page::Heading]
        def initialize(page, lots, openings, heading:)
          @page = page
          @lots = lots
          @openings = openings
          @heading = heading
        end

        # Puts it on paper, as many pages as it takes.
        def put
          @room = 0
          @lots.each { |lot| lot.cuts.each_slice(BARS).with_index { |cuts, place| bars(lot.material, cuts, place) } }
          panels.each_slice(ROWS) { |rows| sheet(rows) }
        end

        private

        # Lengths of several openings on one sheet: as fine as the finest of their
        # grains.
        def printer
          Length::Printer.cut(@openings.first.plan.opening.units,
            @openings.map { |one| one.plan.opening.grain }.min)
        end

        # As many materials on a page as there is room for.
        # Where a page has no room for another bar a new one begins, with the same heading.
        def bars(material, cuts, place)
          high = 20 + cuts.length * BAR
          fresh(@heading) if @room < high
          @page.text(material, at: [0, @room], size: 12, bold: true)
          @page.drawing(Bars.new(cuts, printer, name: "paper-#{place}", wide: WIDE), at: [0, @room - 17],
            width: @page.wide)
          @room -= high + 6
        end

        # A new page under a heading.
        def fresh(heading)
          @page.begin(heading)
          @room = @page.top - 4
        end

        # Sheets and panels are no bars: they are told in a table, width by height.
        def panels
          @openings.flat_map do |opening|
            opening.parts.sheets.map { |sheet| row(sheet, opening.plan.opening.cut_printer) }
          end
        end

        # A line of the table: code, what it is, its sizes.
        def row(sheet, own)
          [sheet.code, sheet.name, sheet.material, own.short(sheet.width), own.short(sheet.height),
            sheet.area.to_f.round(2).to_s,
            (sheet.waits ? "waits for the track" : "")]
        end

        # Rows as many as a page holds; what is over goes on.
        def sheet(rows)
          fresh(@heading.dup.tap { |heading| heading.title = "Panels" }) if @room < 14 * (rows.length + 9)
          below = @page.table([["code", "what", "of", "wide", "high", "m²", ""], *rows],
            [54, 60, 170, 60, 60, 44, 80], from: @room)
          @page.lines(@openings.flat_map(&:cautions).uniq, at: [0, below - 14], width: @page.wide)
        end
      end
    end
  end
end
