# frozen_string_literal: true

module YellowTrack
  module Drawing
    module Paper
      # An opening's job sheet: its drawings, its numbers with their sums as its page has them, its
      # checks and cautions, on one page.
      class JobSheet
        HIGH = 330 # points that the drawing may take

        # @param page [Page]
        # @param opening [Pack::Packed]
        # @param heading [Page::Heading]
        def initialize(page, opening, heading)
          @page = page
          @opening = opening
          @plan = opening.plan
          @heading = heading
          @printer = @plan.opening.printer
        end

        # Puts it on paper, as many pages as it takes.
        def put
          @page.begin(@heading)
          drawings
          below = numbers(@page.top - HIGH - 8)
          words(below - 6)
        end

        private

        def drawings
          moves = @plan.set.moves
          top = @page.top
          @page.drawing(Whole.new(@plan, moves, @printer, cut_printer: @plan.opening.cut_printer), at: [0, top],
            width: @page.wide,
            height: HIGH)
        end

        def numbers(from)
          rows = @opening.rows.map { |row| [row.name, row.text, row.sums.join("; ")] }
          @page.table([["number", "", "sum"], *rows], [86, 214, 224], from:, size: 8)
        end

        def words(from)
          cures = Cures.new(@plan)
          checks = @plan.checks.map { |check| cures.told(check) }
          lines = checks.map { |check| "#{check.level.upcase}  #{check.says} #{check.do}" } + @opening.cautions
          @page.pdf.bounding_box([0, from], width: @page.wide, height: [from, 20].max) do
            lines.each { |line| @page.pdf.text(line, size: 7.5, leading: 1) }
          end
        end
      end
    end
  end
end
