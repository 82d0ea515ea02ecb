# frozen_string_literal: true

module YellowTrack
  module Web
    module Saw
      # The rack of offcuts, and the bars there are to buy at their prices.
      class Screen < Web::Screen
        PAGE = 100

        # The template that it is drawn with.
        def template = "saw/page"

        # What stands in the window's own line.
        def title = "Rack and prices"

        # Where it is in a list that is longer than a page.
        def paging = @paging ||= Paging.new(book.saw.rack_count, PAGE, asked_number("page"))

        # Where it is, with what was asked of it.
        def path(page) = Paths.rack(page:)

        # @return [Array<Store::Saw::Offcut>]
        def offcuts = @offcuts ||= book.saw.rack(most: paging.most, after: paging.after)

        # @return [Array<Store::Saw::Bar>]
        def bars = @bars ||= book.saw.bars

        # Which bars are kept, so that a press on another page changes none unseen.
        def bars_mark = book.saw.mark

        # Materials that openings ask for, and those in stock.
        def materials = @materials ||= (book.openings.materials + bars.map(&:material)).uniq.sort

        # The rack is no job's: it is in millimetres.
        def length(mm) = printer.short(mm)

        # A length as its form sends it back.
        def typed_length(mm) = printer.typed(mm)

        # The unit that its lengths are typed in.
        def unit = printer.unit

        private

        def printer = Length::Printer.fine(:mm)
      end
    end
  end
end
