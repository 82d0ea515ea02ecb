# frozen_string_literal: true

module YellowTrack
  module Web
    # What is still to be cut for some openings, material by material, each
    # piece on its bar; offcuts of the rack come first.
    class CutList
      # One material: its parts still to cut and how they are cut; priced, whether
      # the fitter has set its prices.
      Lot = Struct.new(:material, :parts, :cutting, :priced, keyword_init: true)

      # mm; for materials that no kit sheet or price list has lengths of
      USUAL = [2400r, 3600r, 4800r].freeze
      REMEMBERED = 64

      @cuttings = {}
      @lock = Mutex.new

      class << self
        # A cutting is worked out once for the same bars and pieces.
        def cutting(bars, pieces, saw)
          key = [bars.map(&:to_a), pieces.map(&:to_a), saw]
          @lock.synchronize { @cuttings[key] } || Cutting.new(bars:, pieces:, **saw).tap { |made| remember(key, made) }
        end

        private

        def remember(key, made)
          @lock.synchronize do
            @cuttings[key] = made
            @cuttings.shift while @cuttings.length > REMEMBERED
          end
        end
      end

      # @return [Array<Parts::Sheet>] cut from sheet or slab
      attr_reader :sheets

      # @param book [Store::Book]
      # @param works [Array<Work>] those without a plan are passed over
      def initialize(book, works)
        @book = book
        @saw = Data::HouseRules.saw(book.house_rules.all)
        planned = works.select(&:plan)
        @parts = planned.to_h { |work| [work, Parts.new(work.plan, work.row.letter)] }
        @rows = planned.to_h { |work| [work.row.letter, work] }
        @sheets = @parts.values.flat_map(&:sheets)
        @cut = planned.to_h { |work| [work, book.saw.cut(work.row.id)] }
      end

      # Parts that were cut, with what they were to be and came to.
      #
      # @return [Array<Array(Parts::Part, Store::Saw::Cut)>]
      def done = @parts.flat_map { |work, parts| parts.linear.filter_map { |part| (cut = @cut[work][part.code]) && [part, cut] } }

      # A part that was cut but is to be of another length now.
      def stale?(part, cut) = (part.length - cut.planned).abs > 0.001

      # @return [Array<Lot>]
      def lots = @lots ||= to_cut.group_by(&:material).map { |material, parts| lot(material, parts) }

      # A part by its code, with the opening it is for.
      #
      # @return [Array(Work, Parts::Part), nil]
      def find(code)
        work = @rows[code[/\A[A-Z]+/]] or return
        part = @parts[work].linear.find { |one| one.code == code }
        part && [work, part]
      end

      # Price of the bars that have to be bought.
      def cost = lots.select(&:priced).sum { |one| one.cutting.cost }

      private

      def to_cut
        @parts.flat_map { |work, parts| parts.linear.reject { |part| (cut = @cut[work][part.code]) && !stale?(part, cut) } }
      end

      def lot(material, parts)
        bought = @book.saw.bars(material)
        bars = rack(material) + (bought.any? ? bought.map { |bar| Cutting::Bar.new(length: bar.length, price: bar.price) } : by_length(material))
        pieces = parts.map { |part| Cutting::Piece.new(name: part.code, length: part.length) }
        Lot.new(material:, parts:, cutting: CutList.cutting(bars, pieces, @saw), priced: bought.any?)
      end

      def rack(material) = @book.saw.rack(material).map { |offcut| Cutting::Bar.new(length: offcut.length, price: 0r, count: 1, name: offcut.name) }

      # Without prices the least length is bought.
      def by_length(material) = lengths(material).map { |length| Cutting::Bar.new(length:, price: length) }

      def lengths(material)
        kit = @parts.keys.map { |work| work.opening.kit }.find { |one| material.start_with?("#{one.name} ") }
        (kit && kit["track.stock"]) || USUAL
      end
    end
  end
end
