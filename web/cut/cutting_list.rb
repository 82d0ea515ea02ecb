# frozen_string_literal: true

module YellowTrack
  module Web
    module Cut
      # A cut list as it is shown: of one opening, or of a whole job. Its pages say
      # what it is a list of, and in which printers.
      module CuttingList
        # A piece on its bar: code, what it is, the length as it stands in its field.
        Piece = Struct.new(:code, :what, :typed, keyword_init: true)

        # What was done by the request before: a bar cut, an offcut kept, pieces that
        # came out too far off.
        def cut? = params.key?("cut")

        # Whether it comes right after a save.
        def kept? = params.key?("kept")

        # What is not cut as it was planned, as it was sent back to be asked about.
        def off = params["off"].to_s[0, 200]

        # @return [Array<Desk::CutList::Lot>]
        def lots = list.lots

        # Sheets that the panels are cut from, material by material.
        def sheets = list.sheets

        # What was cut already, with what it came to.
        def done = list.done

        # Whether there is nothing to show.
        def nothing? = lots.empty? && done.empty?

        # The bars of a material, as they are cut.
        def bars_drawing(lot, place) = Drawing::Bars.new(lot.cutting.cuts, cut_printer, name: "bars-#{place}")

        # What cuts of a material teach, in a sentence; nil for nothing.
        def lesson(lot)
          lesson = Desk::Record.cuts(book, lot.material) or return
          "Your cuts of it come out #{fine_printer.with_unit(lesson.value.abs)} " \
            "#{lesson.value.positive? ? "long" : "short"}, #{lesson.times} of #{lesson.of} times."
        end

        # What is known of a cutting, in a sentence.
        def proof(cutting)
          return "Proved best." if cutting.optimal?
          return "Proved cheapest; its longest offcut may not be the longest." if cutting.cost == cutting.lower_bound

          "Gap to the bound at most #{cutting.gap ? "#{(cutting.gap * 100).to_f.round(1)} %" : "all of it"}."
        end

        # @return [Array<Piece>] of a bar
        def pieces(bar)
          bar.pieces.map do |piece|
            part = list.find(piece.name).last
            Piece.new(code: piece.name, what: "#{part.name}#{" · waits for the track" if part.waits}",
              typed: typed_length(piece))
          end
        end

        # Text of a length: as it is cut, and as it was.
        def length(mm) = cut_printer.short(mm)

        # A part's own opening has the say in how fine it is told.
        def part_length(code, mm) = translated? ? length(mm) : list.printer_of(code).short(mm)

        # A length as the saw left it.
        def as_cut(mm) = fine_printer.short(mm)

        # Square metres, to the hundredth.
        def area(metres) = metres.to_f.round(2)

        # Square metres of all panels.
        def panels_area = area(sheets.sum(&:area))

        # The unit that its lengths are typed in.
        def unit = cut_printer.unit

        # What is said beside a saw.
        def caution = Files::Cautions.says("cutting")

        private

        # What was typed and refused stands where it was typed.
        def typed_length(piece)
          refused = typed["as_cut"]
          (refused.is_a?(Hash) && refused[piece.name]) || cut_printer.typed(piece.length)
        end
      end
    end
  end
end
