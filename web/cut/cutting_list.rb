# frozen_string_literal: true

module YellowTrack
  module Web
    module Cut
      # A cut list as it is shown: of one opening, or of a whole job. Its pages say
      # what it is a list of, and in which printers.
      module CuttingList
        # What stands at the saw: a part, on its bar.
        Piece = Struct.new(:part, :lot, :cut, keyword_init: true) do
          # What it is called on drawing, list and label.
          def code = part.code

          # The pieces that come off the same bar after it.
          def others = cut.pieces.reject { |piece| piece.name == code }
        end

        # What was done by the request before: the piece that was cut, the one that was taken back, and how far
        # it is out, as it was sent back to be asked about.
        def just_cut = code_of("cut")

        # The piece that was taken back.
        def taken_back = code_of("back")

        # By how much what was cut is out, in words; nil within the tolerance.
        def off = params["off"]&.to_s&.slice(0, 40)

        # Every piece still to cut, in the order that they are taken in hand: what a bar is begun for first.
        #
        # @return [Array<Piece>]
        def to_cut
          @to_cut ||= lots.flat_map { |lot|
            lot.cutting.cuts.sort_by.with_index { |cut, place| [cut.bar.fresh ? 0 : 1, place] }
              .flat_map { |cut| cut.pieces.map { |piece| Piece.new(part: list.find(piece.name).last, lot:, cut:) } }
          }
        end

        # The piece in hand: the one that was asked for, else the first.
        #
        # @return [Piece, nil]
        def in_hand
          @in_hand ||= to_cut.find { |piece| piece.code == (refused_code || code_of("piece")) } || to_cut.first
        end

        # The opening that it is of, while nothing of that is cut; nil from its first cut on.
        #
        # @return [Desk::KeptOpening, nil]
        def first_of = list.find(in_hand.code).first.then { |one| one if one.cuts.empty? }

        # The piece before it and the one after it; nil at the ends.
        def beside = [-1, 1].map { |step| at(to_cut.index(in_hand) + step) }

        # Which of all pieces is in hand, and of how many.
        def counted = "#{done.length + to_cut.index(in_hand) + 1} of #{done.length + to_cut.length}"

        # Where the piece in hand comes off, and what stays, in a sentence or two.
        def comes_off(piece)
          off = piece.cut.bar.name ? "off #{piece.cut.bar.name}, #{length(piece.cut.bar.length)}" :
            "off a bar of #{length(piece.cut.bar.length)}"
          [off + ".", piece.part.says, stays(piece)].compact.join(" ")
        end

        # The next piece's word: whether the stop may stay.
        def same_as_next?(piece) = beside.last&.part&.length == piece.part.length

        # The page with a piece in hand.
        def piece_path(code) = opening ? Paths.opening(id, "cut", piece: code) : Paths.job(job_id, "cut", piece: code)

        # @return [Array<Desk::CutList::Lot>]
        def lots = list.lots

        # Sheets that the panels are cut from, material by material.
        def sheets = list.sheets

        # What was cut already, with what it came to.
        def done = list.done

        # Whether there is nothing to show.
        def nothing? = lots.empty? && done.empty?

        # The bars of a material, as they are cut, all materials to one scale.
        def bars_drawing(lot, place)
          Drawing::Bars.new(lot.cutting.cuts, cut_printer, name: "bars-#{place}", longest:,
            pieces: Drawing::Bars::AtSaw.new(in_hand: in_hand&.code, leads: method(:piece_path)))
        end

        # mm, of everything that is cut up.
        def longest = @longest ||= lots.flat_map { |lot| lot.cutting.cuts.map { |cut| cut.bar.length } }.max

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

        # What stands in the field of a piece: its length, or what was typed and refused.
        def typed_length(piece) = refused[piece.code] || cut_printer.typed(piece.part.length)

        private

        def at(place) = place.negative? ? nil : to_cut[place]

        def code_of(name) = params[name].to_s[/\A[A-Z]+-[A-Z]+\d+\z/]

        def stays(piece)
          others = piece.others.map { |one| "#{one.name} #{length(one.length)}" }
          return "Then #{others.join(", ")} off the same bar." if others.any?

          left = piece.cut.offcut
          "Leaves #{length(left)}#{", into the rack" if left >= Store::Saw::KEPT}."
        end

        def refused = typed["as_cut"].is_a?(Hash) ? typed["as_cut"] : {}

        def refused_code = refused.keys.first
      end
    end
  end
end
