# frozen_string_literal: true

module YellowTrack
  module Drawing
    module Paper
      # The firm's board on one sheet of A4, lying: of a week its drawing, where that stays legible, and a row a day
      # under it.
      # It hangs in the shop, where nobody has a page before him: drawn up to seven days, for more would be too small
      # to read, and in any case as a table.
      class BoardSheet
        DRAWN = 7 # days, up to which it is drawn
        GAP = 8 # points under the drawing
        DATE = 62 # points of the days' column
        SIZES = [10, 9.5, 9].freeze # of type, until it fits
        SHRUNK = 0.634 # of a screen unit to a point, at the least: its smallest words come to 9 points

        # @param drawing [FirmTrack, nil]
        # @param rows [Array<Array<String>>] a day a row, the first their heads
        # @param told [Hash] firm (nil for none), date, address
        def initialize(drawing:, rows:, **told)
          @drawing, @rows, @told = drawing, rows, told
          @page = Page.new("Visits", firm: told[:firm])
        end

        # @return [String] PDF
        def render
          @page.begin(Page::Heading.new(title: "Visits", date: @told[:date], address: @told[:address]),
            layout: :landscape)
          table(drawn)
          @page.render
        end

        private

        # @return [Numeric] where the next thing may stand
        # Nothing of more days, and of a board so wide that its words would come out under nine points.
        def drawn
          return @page.top unless @drawing

          wide, high = @drawing.size
          room = @page.top - high(@rows, widths, SIZES.last) - GAP
          scale = [@page.wide / wide.to_f, room / high].min
          return @page.top if scale < SHRUNK

          @page.drawing(@drawing, at: [0, @page.top], width: wide * scale, height: high * scale)
          @page.top - high * scale - GAP
        end

        # The day, the crew, and what is left for what they do.
        def widths
          column = (@page.wide - DATE) / [@rows.first.length - 1, 1].max
          [DATE, *[column] * (@rows.first.length - 1)]
        end

        # A table that does not fit is cut at its end, and says how many visits are left out.
        def table(from)
          return if @rows.length < 2

          @page.table(fitting(from), widths, from:, size: size(from))
        end

        # The largest type in which all of it fits.
        def size(from) = SIZES.find { |one| high(@rows, widths, one) <= from } || SIZES.last

        # Rows as many as the sheet takes, in the smallest type; the last says how many are left.
        def fitting(from)
          kept = @rows
          kept = kept[0..-2] while kept.length > 2 && high(kept, widths, SIZES.last) > from - SIZES.last * 1.5
          return @rows if kept.length == @rows.length

          [*kept, ["and #{@rows.length - kept.length} more days", *[""] * (widths.length - 1)]]
        end

        # How high a table would come, asked before it is drawn.
        def high(rows, widths, size)
          rows.sum do |row|
            row.each_index.map { |place|
              @page.pdf.height_of(row[place].to_s, width: widths[place] - 6, size:, leading: 0.5)
            }.max + size * 0.3
          end
        end
      end
    end
  end
end
