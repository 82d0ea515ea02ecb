# frozen_string_literal: true

module YellowTrack
  module Drawing
    module Paper
      # An opening's job sheet: its drawings, its numbers with their sums as its page has them, and its
      # checks, on one page.
      # What goes into the house, where there may be no page to open: the picture, each number with how it came about,
      # and whatever the plan warns of.
      class JobSheet
        SHRUNK = 0.648 # of a screen unit to a point: its smallest words come to 9 points

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
          below = numbers(drawings - 8)
          words(below - 6)
        end

        private

        # @return [Numeric] where the next thing may stand
        # As large as the page is wide; what comes below starts where it ends.
        def drawings
          whole = Whole.new(@plan, @plan.set.moves, @printer, cut_printer: @plan.opening.cut_printer)
          high = whole.size.last * SHRUNK
          @page.drawing(whole, at: [0, @page.top], width: @page.wide, height: high)
          @page.top - high
        end

        # The rows of the tally, in its order.
        def numbers(from)
          rows = @opening.rows.map { |row| [row.name, row.text, row.sums.join("; ")] }
          @page.table([["number", "", "sum"], *rows], [84, 196, 247], from:, size: 9)
        end

        # Worst first, each with what to do.
        def words(from)
          cures = Cures.new(@plan)
          checks = @plan.checks.map { |check| cures.told(check) }
          @page.lines(checks.map { |check| "#{check.level.upcase}  #{check.says} #{check.do}" }, at: [0, from],
            width: @page.wide)
        end
      end
    end
  end
end
