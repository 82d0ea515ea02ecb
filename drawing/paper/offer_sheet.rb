# frozen_string_literal: true

module YellowTrack
  module Drawing
    module Paper
      # An offer on A4 (handbook 10): letterhead and customer, a line an opening with its drawing and its sum, options,
      # discount and tax, the whole, terms, a place for a name.
      # It is read by somebody who does not fit doors: no costs, no kits' names, no checks. It goes on over as many
      # sheets as it takes, and no line is cut by a page's end.
      class OfferSheet
        DRAWN = 54 # points high, a line's drawing
        WIDE = 92 # points wide, likewise
        SUM = 110 # points that a sum takes
        FOOT = 70 # points that the name takes
        GAP = 8

        # @param content [Object] as the customer reads it: title, firm, customer, place, made, valid, lines, options,
        #   sums, total, could, words
        # @param address [String] of the job's page, where no costs stand
        def initialize(content, address:)
          @content, @address = content, address
          @page = Page.new(content.title, firm: content.firm.first)
        end

        # @return [String] PDF
        def render
          head
          @content.lines.each { |line| line(line) }
          sums
          options
          words
          name
          @page.render
        end

        private

        def pdf = @page.pdf

        # Title and date stand on every sheet, so that a single one says what it belongs to.
        def begin_page
          @page.begin(Page::Heading.new(title: @content.title, place: @content.place, date: @content.made,
            address: @address))
          @y = @page.top
        end

        # Whoever it is from at the left, whom it is to at the right.
        def head
          begin_page
          rows = [@content.firm.length, @content.customer.length].max
          [[@content.firm, 0], [@content.customer, @page.wide / 2]].each do |list, x|
            list.each_with_index do |text, row|
              @page.text(text, at: [x, @y - 4 - row * 13], size: 10, bold: row.zero?, width: @page.wide / 2 - GAP)
            end
          end
          @y -= rows * 13 + 16
          put("Doors, fitted and adjusted. Valid until #{@content.valid}.")
        end

        # A new sheet where what comes next would run into the name's place.
        def room!(high) = (@y - high < FOOT) ? begin_page : nil

        # A line of text over the whole width.
        def put(text, size: 10, bold: false)
          box = {width: @page.wide, size:, leading: 1.5, style: bold ? :bold : :normal}
          high = pdf.height_of(text, **box)
          room!(high)
          pdf.text_box(text, at: [0, @y], **box)
          @y -= high + 4
        end

        # A picture stands beside its words where the opening has one; higher of the two is the line.
        def line(line)
          left = line.outline ? WIDE + GAP : 0
          width = @page.wide - left - SUM
          text = [[line.letter, line.name].compact.join(" "), line.what].reject(&:empty?).join(": ")
          high = [pdf.height_of(text, width:, size: 10), line.outline ? DRAWN : 0].max + GAP
          room!(high)
          if line.outline
            picture = Thumbnail.new(line.outline, id: "line", title: text)
            @page.drawing(picture, at: [0, @y], width: WIDE, height: DRAWN)
          end
          pdf.text_box(text, at: [left, @y], width:, size: 10)
          sum(line.amount, bold: true) if line.amount
          @y -= high
        end

        # Sums stand under each other at the right, where a column is added up.
        def sum(text, bold: false, size: 10)
          pdf.text_box(text, at: [@page.wide - SUM - 40, @y], width: SUM + 40, size:, align: :right,
            style: bold ? :bold : :normal)
        end

        # The rule, each sum, and the whole in larger type: it is what is looked for first.
        def sums
          room!(60)
          pdf.stroke_horizontal_line(0, @page.wide, at: @y + 2)
          @content.sums.each { |label, amount| row(label, amount) }
          row("all together", @content.total, size: 16)
          put(@content.could) if @content.could
        end

        # A sum with what it is for.
        def row(label, amount, size: 10)
          room!(size + 8)
          pdf.text_box(label, at: [WIDE + GAP, @y - 3], width: 200, size:, style: (size > 10) ? :bold : :normal)
          @y -= 3
          sum(amount, bold: size > 10, size:)
          @y -= size + 6
        end

        # Each option by itself, as a difference: taken together they are another offer.
        def options
          return if @content.options.empty?

          put("Or, instead (each by itself, more or less than the sum above, before tax):", bold: true)
          @content.options.each { |one| line(one) }
        end

        # Terms, as the firm writes them.
        def words
          @content.words.each do |head, text|
            put(head, bold: true)
            put(text)
          end
        end

        # Room for a name and a day: with these it is taken up.
        def name
          pdf.stroke_line([0, 26], [240, 26])
          @page.text("taken up: name, date", at: [0, 22], size: 9)
        end
      end
    end
  end
end
