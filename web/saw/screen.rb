# frozen_string_literal: true

module YellowTrack
  module Web
    module Saw
      # The rack of offcuts, and the bars there are to buy at their prices.
      class Screen < Web::Screen
        PAGE = 100

        def template = "saw/page"

        def title = "Rack and prices"

        def paging = @paging ||= Paging.new(book.saw.rack_count, PAGE, asked_number("page"))

        def path(page) = Paths.rack(page:)

        # @return [Array<Store::Saw::Offcut>]
        def offcuts = @offcuts ||= book.saw.rack(most: paging.most, after: paging.after)

        # @return [Array<Store::Saw::Bar>]
        def bars = @bars ||= book.saw.bars

        def bars_mark = book.saw.mark

        # Materials that openings ask for, and those in stock.
        def materials = @materials ||= (book.openings.materials + bars.map(&:material)).uniq.sort

        # The rack is no job's: it is in millimetres.
        def length(mm) = printer.short(mm)

        # A length as its form sends it back.
        def typed_length(mm) = printer.typed(mm)

        def unit = printer.unit

        private

        def printer = Length::Printer.fine(:mm)
      end
    end
  end
end
