# frozen_string_literal: true

module YellowTrack
  module Drawing
    module Paper
      # A sheet of labels: one for each part, with its code and its length.
      # Four across and twelve down on a sheet of A4, to be cut out and put on. A code in large type is read at the
      # saw from two steps away.
      class Labels
        ACROSS = 4
        DOWN = 12
        HIGH = 59

        # @param page [Page]
        # @param openings [Array<Pack::Packed>]
        # @param heading [Page::Heading]
        def initialize(page, openings, heading)
          @page = page
          @openings = openings
          @heading = heading
        end

        # Puts it on paper, as many pages as it takes.
        def put
          all.each_slice(ACROSS * DOWN) do |few|
            @page.begin(@heading)
            few.each_with_index { |label, place| put_one(label, place) }
          end
        end

        private

        # Code, what it is, its measure.
        def all
          @openings.flat_map do |opening|
            printer = opening.plan.opening.cut_printer
            opening.parts.linear.map { |part|
              [part.code, "#{part.name}, #{opening.name}",
                printer.with_unit(part.length)]
            } +
              opening.parts.sheets.map do |sheet|
                [sheet.code, "#{sheet.name}, #{opening.name}",
                  "#{printer.short(sheet.width)} × #{printer.with_unit(sheet.height)}"]
              end
          end
        end

        # Code over its measure, and smaller below what it is: in the order in which they are looked for.
        def put_one((code, what, measure), place)
          wide = @page.wide / ACROSS
          left, top = place % ACROSS * wide, @page.top - 6 - place / ACROSS * HIGH
          @page.pdf.stroke_rectangle([left, top], wide - 6, HIGH - 6)
          @page.text(code, at: [left + 7, top - 3], size: 16, bold: true, width: wide - 18)
          @page.text(measure, at: [left + 7, top - 20], size: 11, width: wide - 18)
          @page.lines([what], at: [left + 7, top - 32], width: wide - 16)
        end
      end
    end
  end
end
