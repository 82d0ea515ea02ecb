# frozen_string_literal: true

require "digest"

module YellowTrack
  module Store
    # What stands at the saw: bars and their prices, the rack of offcuts, and
    # what was cut. Lengths come and go as exact millimetres.
    class Saw
      # A length that can be bought. material; length, mm; price.
      Bar = Struct.new(:material, :length, :price, keyword_init: true)

      # An offcut in the rack.
      Offcut = Struct.new(:id, :material, :length, :kept_at, keyword_init: true) do
        # What an offcut is called: by its number.
        def name = "offcut #{id}"
      end

      # A piece that was cut. planned and as_cut, mm.
      Cut = Struct.new(:code, :planned, :as_cut, :at, keyword_init: true)

      KEPT = 300 # mm; a shorter offcut is not worth the rack

      # @param log [Log] that cuts go into
      def initialize(db, log)
        @db = db
        @log = log
      end

      # @return [Array<Bar>] that can be bought, by material and length
      def bars
        @db[:stock].map do |row|
          Bar.new(material: row[:material], length: Rational(row[:length]), price: Rational(row[:price]))
        end
          .sort_by { |bar| [bar.material, bar.length] }
      end

      # Bars and their prices, in a few letters.
      #
      # @return [String]
      def mark = Digest::SHA256.hexdigest(bars.map(&:to_a).inspect)[0, 16]

      # @return [Array<String>] that have a price
      def materials = @db[:stock].distinct.select_map(:material)

      # Sets the price of a length; nil takes the length out.
      #
      # @param length [Rational] mm
      # @param price [Rational, nil]
      def stock(material, length, price)
        key = {material:, length: length.to_r.to_s}
        price.nil? ? @db[:stock].where(key).delete :
          @db[:stock].insert_conflict(:replace).insert(**key, price: price.to_r.to_s)
      end

      # @param most [Integer, nil] how many at most, and how many to pass over
      # @return [Array<Offcut>] in the rack, by material
      def rack(materials: nil, most: nil, after: nil)
        kept = @db[:rack].where(used_at: nil)
        kept = kept.where(material: materials) if materials
        kept.order(:material, :id).limit(most, after)
          .map do |row|
            Offcut.new(id: row[:id], material: row[:material], length: Rational(row[:length]), kept_at: row[:kept_at])
          end
      end

      # @return [Integer] offcuts in the rack
      def rack_count = @db[:rack].where(used_at: nil).count

      # Puts an offcut on the rack; mm.
      def keep(material, length) = @db[:rack].insert(material:, length: length.to_r.to_s, kept_at: Clock.now)

      # Takes one off it, once.
      def use(offcut_id) = @db[:rack].where(id: offcut_id, used_at: nil).update(used_at: Clock.now)

      # What was cut for openings, in one question.
      #
      # @param opening_ids [Array<Integer>]
      # @return [Hash{Integer => Hash{String => Cut}}] by code, of each
      def cuts(opening_ids)
        found = @db[:cuts].where(opening_id: opening_ids).all.group_by { |row| row[:opening_id] }
        opening_ids.to_h do |id|
          [id, (found[id] || []).to_h { |row|
            [row[:code], Cut
              .new(code: row[:code], planned: Rational(row[:planned]), as_cut: Rational(row[:as_cut]), at: row[:at])]
          }]
        end
      end

      # By how much pieces of a material were cut longer than planned, mm, the latest.
      #
      # @param most [Integer]
      # @return [Array<Rational>]
      def out_by(material, most:)
        @db[:cuts].where(material:).reverse(:at).limit(most).select_map(%i[planned as_cut])
          .map { |planned, as_cut| Rational(as_cut) - Rational(planned) }
      end

      # Writes down a bar that was cut: its pieces, the offcut that it came
      # from, the one that is left.
      #
      # @param pieces [Array<Array(Openings::Row, Parts::Part, Rational)>]
      #   each with the length as cut
      # @param offcut_id [Integer, nil] of the rack
      # @param left [Rational] mm
      def cut_bar(pieces, material:, offcut_id:, left:, who: "fitter")
        @db.transaction do
          pieces.each { |opening, part, as_cut| cut_piece(opening, part, as_cut, who:) }
          use(offcut_id) if offcut_id
          keep(material, left) if left >= KEPT
        end
      end

      private

      def cut_piece(opening, part, as_cut, who:)
        @db[:cuts].insert_conflict(:replace).insert(opening_id: opening.id, code: part.code,
          planned: part.length.to_r.to_s, as_cut: as_cut.to_r.to_s, material: part.material, at: Clock.now)
        @log.add(opening_id: opening.id, version: opening.version, kind: "cut", key: part.code,
          before: part.length.to_f, after: as_cut.to_f, who:, at: Clock.now)
      end
    end
  end
end
