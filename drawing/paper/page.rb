# frozen_string_literal: true

require "prawn"
require "rqrcode_core"

module YellowTrack
  module Drawing
    module Paper
      # Sheets of A4 in our own type. Every page says what it belongs to, and
      # carries a code that leads back to it.
      class Page
        TYPE = "#{ROOT}/drawing/type/barlow-semi-condensed".freeze
        MARGIN = 34
        INK = "1D2B2E"
        HEAD = 52 # points that a page's head takes
        CODE = 44 # side of the code, points
        MM = 72 / 25.4 # points a millimetre

        # What a page belongs to.
        #
        # title     as in "C-DA · drilling"
        # place     job and opening
        # revision  of the plan, nil for a job's
        # date      as it is printed
        # address   of its page
        Heading = Struct.new(:title, :place, :revision, :date, :address, keyword_init: true)

        attr_reader :pdf

        # A4, with no page yet.
        #
        # @param title [String] of the whole document
        # @param firm [String, nil] that stands at the head of every page
        def initialize(title = "Yellow Track", firm: nil)
          @firm = firm
          @pdf = Prawn::Document.new(page_size: "A4", margin: MARGIN, skip_page_creation: true,
            info: {Title: title, Creator: "Yellow Track"})
          pdf.state.store.root.data[:Lang] = "en"
          pdf.font_families.update("Barlow" => {normal: "#{TYPE}-400.ttf", bold: "#{TYPE}-600.ttf"})
        end

        # Begins a page.
        #
        # @param heading [Heading]
        # @param layout [:portrait, :landscape]
        def begin(heading, layout: :portrait)
          pdf.start_new_page(layout:)
          pdf.font("Barlow", size: 10)
          pdf.fill_color = pdf.stroke_color = INK
          text(heading.title, at: [0, pdf.bounds.top], size: 18, bold: true, width: wide - CODE - 8)
          text([@firm, heading.place, heading.date, *("revision #{heading.revision}" if heading.revision)]
            .compact.join(" · "),
            at: [0, pdf.bounds.top - 24], width: wide - CODE - 8)
          code(heading.address)
          pdf.stroke_horizontal_line(0, wide, at: top + 4)
        end

        # Width between the margins, points.
        def wide = pdf.bounds.width

        # Where a page's own part begins, from the bottom margin.
        def top = pdf.bounds.top - HEAD

        # The drawing of a screen, fitted into a box.
        #
        # @param picture [Picture]
        # @param at [Array] left and top
        def drawing(picture, at:, width:, height: nil)
          Ink.new(pdf).put(picture, at:, width:, height:)
        end

        # A line of text; made smaller where it is too long for its place.
        def text(words, at:, size: 10, bold: false, width: wide)
          words = words.to_s
          pdf.font("Barlow", style: bold ? :bold : :normal, size:) do
            long = pdf.width_of(words)
            small = (long > width) ? size * width / long : size
            pdf.draw_text(words, at: [at[0], at[1] - size * 0.9], size: small)
          end
        end

        # Sentences under each other, broken where they are too long for their place.
        def lines(sentences, at:, width:, size: 9)
          pdf.bounding_box(at, width:) { sentences.each { |line| pdf.text(line, size:, leading: 1.5) } }
        end

        # Rows of a table, the first its heads; what is too long for its column is broken.
        #
        # @param rows [Array<Array<String>>]
        # @param widths [Array<Numeric>] of the columns, points
        # @return [Numeric] where the next thing may stand
        def table(rows, widths, from:, size: 9.5)
          rows.each_with_index.reduce(from) do |y, (row, place)|
            lefts = widths.each_index.map { |column| widths.first(column).sum }
            y - row.each_index.map { |column|
              cell(row[column], [lefts[column], y], widths[column] - 6, size:, bold: place.zero?)
            }.max - size * 0.3
          end
        end

        # The whole as PDF.
        def render = pdf.render

        private

        # @return [Numeric] points that it takes of the height
        def cell(words, at, width, size:, bold:)
          box = {at:, width:, size:, leading: 0.5, style: bold ? :bold : :normal}
          pdf.font("Barlow")
          pdf.text_box(words.to_s, **box)
          [pdf.height_of(words.to_s, **box), size * 1.15].max
        end

        # The same on every page of an opening, so it is drawn once.
        def code(address)
          @codes ||= {}
          @codes[address] ||= "code-#{@codes.length}".tap { |stamp| pdf.create_stamp(stamp) { draw_code(address) } }
          pdf.stamp_at(@codes[address], [wide - CODE, pdf.bounds.top - CODE])
        end

        # Dark squares that touch along a row are one.
        def draw_code(address)
          rows = RQRCodeCore::QRCode.new(address, level: :m).modules
          side = CODE.to_f / rows.length
          rows.each_with_index do |row, down|
            row.each_with_index.chunk_while { |(one, _), (other, _)| one == other }.each do |run|
              dark, across = run.first
              pdf.fill_rectangle([across * side, CODE - down * side], run.length * side, side) if dark
            end
          end
        end
      end
    end
  end
end
