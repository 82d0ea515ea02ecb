# frozen_string_literal: true

module YellowTrack
  module Desk
    # What is still to be cut for some openings, material by material, each
    # piece on its bar; offcuts of the rack come first.
    class CutList
      # One material: its parts still to cut and how they are cut; priced, whether
      # the fitter has set its prices.
      Lot = Struct.new(:material, :parts, :cutting, :priced, keyword_init: true)

      # mm; for materials that no kit sheet or price list has lengths of
      USUAL = [2400r, 3600r, 4800r].freeze
      CUTTINGS = Latest.new(64)

      # A cutting is worked out once for the same bars and pieces.
      def self.cutting(bars, pieces, saw)
        CUTTINGS.fetch([bars.map(&:to_a), pieces.map(&:to_a), saw]) { Cutting.new(bars:, pieces:, **saw) }
      end

      # @return [Array<Parts::Sheet>] cut from sheet or slab
      attr_reader :sheets

      # @param book [Store::Book]
      # @param openings [Array<Opening>] those without a plan are passed over
      def initialize(book, openings)
        @book = book
        @openings = openings.select(&:plan)
        @by_letter = @openings.to_h { |one| [one.letter, one] }
        @sheets = @openings.flat_map { |one| one.parts.sheets }
      end

      # @return [Hash{Symbol => Rational}] kerf and trim, mm
      def saw = @saw ||= Files::HouseRules.saw(@book.house_rules.all)

      # Parts that were cut, with what they were to be and came to.
      #
      # @return [Array<Array(Parts::Part, Store::Saw::Cut)>]
      def done
        @done ||= @openings.flat_map do |one|
          one.parts.linear.filter_map { |part| (cut = one.cuts[part.code]) && [part, cut] }
        end
      end

      # @return [Array<Lot>]
      def lots = @lots ||= to_cut.group_by(&:material).map { |material, parts| lot(material, parts) }

      # A part by its code, with the opening it is for.
      #
      # @return [Array(Opening, Parts::Part), nil]
      def find(code)
        opening = @by_letter[code.to_s[/\A[A-Z]+/]] or return
        part = opening.parts.linear.find { |one| one.code == code }
        part && [opening, part]
      end

      # Writes the lengths of a part's opening, to its own grain.
      #
      # @param code [String] of a part
      # @return [Length::Printer]
      def printer_of(code) = @by_letter.fetch(code[/\A[A-Z]+/]).cut_printer

      # Bars that have to be bought: material, length and how many.
      #
      # @return [Array<Array(String, Rational, Integer)>]
      def to_buy
        lots.flat_map do |lot|
          bought = lot.cutting.cuts.reject { |cut| cut.bar.name }.group_by { |cut| cut.bar.length }
          bought.map { |length, cuts| [lot.material, length, cuts.length] }
        end
      end

      # Prices of the bars that are to be bought, by the keys of Price.
      #
      # @return [Hash{String => Rational}]
      def bar_prices
        lots.select(&:priced).flat_map { |lot| bars_of(lot.material) }.to_h do |bar|
          [Price.bar_key(bar.material, bar.length), bar.price]
        end
      end

      # Writes down a piece that was cut.
      #
      # @param code [String]
      # @param as_cut [Rational] its length as cut, mm
      # @param offcut [Integer, nil] of the rack that it was cut from
      # @return [Rational] by how much it is out, mm; 0 within the tolerance
      # @raise [Fault] where the list has changed since
      def cut!(code, as_cut, offcut:, who:)
        opening, part = find(code) || gone(code)
        rest = rest(bar_of(part, offcut), part, as_cut)
        @book.saw.cut(opening.row, part, as_cut, offcut_id: offcut, rest:, who:)
        out = part.out_by(as_cut)
        (out > (Files::HouseRules.tolerance(opening.rules, "cut") || opening.opening.grain)) ? out : 0r
      end

      # Takes back that a piece was cut.
      #
      # @raise [Fault] where that cannot be
      def take_back!(code, who:)
        opening, = find(code) || gone(code)
        @book.saw.take_back(opening.row, code, who:)
      end

      private

      def to_cut
        @openings.flat_map do |one|
          one.parts.linear.reject { |part| (cut = one.cuts[part.code]) && !part.stale?(cut.planned) }
        end
      end

      def lot(material, parts)
        bought = bars_of(material)
        bars = rack_of(material) + (bought.any? ?
          bought.map { |bar| Cutting::Bar.new(length: bar.length, price: bar.price) } : by_length(material))
        pieces = parts.map { |part| Cutting::Piece.new(name: part.code, length: part.length) }
        Lot.new(material:, parts:, cutting: CutList.cutting(bars, pieces, saw), priced: bought.any?)
      end

      # Everything that is there is asked for once.
      def bars_of(material) = (@bars ||= @book.saw.bars.group_by(&:material))[material] || []

      def rack_of(material)
        @rack ||= @book.saw.rack(materials: to_cut.map(&:material).uniq).group_by(&:material)
        (@rack[material] || []).map do |offcut|
          Cutting::Bar.new(length: offcut.length, price: 0r, count: 1, name: offcut.name, fresh: offcut.fresh)
        end
      end

      # Without prices the least length is bought.
      def by_length(material) = lengths(material).map { |length| Cutting::Bar.new(length:, price: length) }

      def lengths(material)
        kit = @openings.map(&:kit).find { |one| material.start_with?("#{one.name} ") }
        (kit && kit["track.stock"]) || USUAL
      end

      def gone(code) = raise(Fault.new("#{code} is no piece of this job any more. Load the page again.", key: code))

      def bar_of(part, offcut)
        name = offcut && "offcut #{offcut}"
        lots.flat_map { |lot| lot.cutting.cuts }
          .find { |one| one.bar.name == name && one.pieces.any? { |piece| piece.name == part.code } } ||
          raise(Fault.new("The cut list has changed since. Nothing was written down; look at the bars again.",
            key: "as_cut"))
      end

      # What stays of a bar: for the pieces that come off it next all of it, else what is left between the trims.
      def rest(cut, part, as_cut)
        start = cut.places.first
        unless as_cut.positive? && as_cut <= cut.bar.length - start
          raise Fault.new("It cannot be that long: the bar it comes off has #{say(part, cut.bar.length - start)}.",
            key: "as_cut")
        end
        return Store::Saw::Rest.new(length: cut.offcut - as_cut + part.length, more: false) if cut.pieces.length == 1

        Store::Saw::Rest.new(length: [cut.bar.length - start - as_cut - cut.kerf, 0r].max, more: true)
      end

      def say(part, mm) = printer_of(part.code).with_unit(mm)
    end
  end
end
