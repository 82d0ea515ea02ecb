# frozen_string_literal: true

require "digest"

module YellowTrack
  module Store
    # What stands at the saw: bars and their prices, the rack of offcuts, and
    # what was cut. Lengths come and go as exact millimetres.
    class Saw
      # A length that can be bought. material; length, mm; price.
      Bar = Struct.new(:material, :length, :price, keyword_init: true)

      # An offcut in the rack; fresh, whether one of its ends comes from the saw and needs no trim.
      Offcut = Struct.new(:id, :material, :length, :kept_at, :fresh, keyword_init: true) do
        # What an offcut is called: by its number.
        def name = "offcut #{id}"
      end

      # A piece that was cut. planned and as_cut, mm; offcut_id, the offcut that it came from, and
      # rest_id, the one that stayed; nil for none.
      Cut = Struct.new(:code, :planned, :as_cut, :at, :offcut_id, :rest_id, keyword_init: true)

      # What stays of a bar: length, mm; more, whether another piece comes off it; fresh, whether it
      # ends where the saw went.
      Rest = Struct.new(:length, :more, keyword_init: true) do
        # Whether it goes into the rack.
        def kept? = more || length >= KEPT
      end

      KEPT = 300 # mm; a shorter offcut is not worth the rack

      # @param log [Log] that cuts go into
      def initialize(db, log)
        @db = db
        @log = log
        @known = Known.new(db)
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
          .map { |row| offcut(row) }
      end

      # @return [Integer] offcuts in the rack
      def rack_count = @db[:rack].where(used_at: nil).count

      # Puts an offcut on the rack; mm.
      #
      # @return [Integer] its number
      def keep(material, length, fresh: false)
        @db[:rack].insert(material:, length: length.to_r.to_s, kept_at: Clock.now, fresh: fresh ? 1 : 0)
      end

      # Takes one off it, once.
      def use(offcut_id) = @db[:rack].where(id: offcut_id, used_at: nil).update(used_at: Clock.now)

      # What was cut for openings, in one question.
      #
      # @param opening_ids [Array<Integer>]
      # @return [Hash{Integer => Hash{String => Cut}}] by code, of each
      def cuts(opening_ids)
        found = @db[:cuts].where(opening_id: opening_ids).all.group_by { |row| row[:opening_id] }
        opening_ids.to_h do |id|
          [id, (found[id] || []).to_h { |row| [row[:code], piece(row)] }]
        end
      end

      # What was cut for one of them. Each cut is logged: nothing is asked while its log is as it was.
      #
      # @param row [Openings::Row]
      # @return [Hash{String => Cut}] by code
      def cuts_of(row) = @known.of(row) { cuts([row.id]).fetch(row.id).freeze }

      # The same is cut of it after what was written last.
      #
      # @param cuts [Hash{String => Cut}]
      def keep_cuts(row, cuts) = @known.keep(row, cuts)

      # By how much pieces of a material were cut longer than planned, mm, the latest.
      #
      # @param most [Integer]
      # @return [Array<Rational>]
      def out_by(material, most:)
        @db[:cuts].where(material:).reverse(:at).limit(most).select_map(%i[planned as_cut])
          .map { |planned, as_cut| Rational(as_cut) - Rational(planned) }
      end

      # Writes down a piece that was cut: what it came from, and what stays of that.
      #
      # @param opening [Openings::Row]
      # @param part [Parts::Part]
      # @param as_cut [Rational] mm
      # @param offcut_id [Integer, nil] of the rack
      # @param rest [Rest]
      # @raise [Fault] where somebody has used that offcut since
      def cut(opening, part, as_cut, offcut_id:, rest:, who: "fitter")
        @db.transaction do
          raise Fault.new("Offcut #{offcut_id} is not in the rack any more.", key: part.code) if
            offcut_id && use(offcut_id).zero?

          rest_id = keep(part.material, rest.length, fresh: rest.more) if rest.kept?
          written(opening, part, as_cut, offcut_id:, rest_id:)
          log(opening, part.code, {before: part.length, after: as_cut}, who:)
        end
      end

      # Takes back that a piece was cut: what it came from is whole again.
      #
      # @param opening [Openings::Row]
      # @raise [Fault] where something was cut off its rest since, or it was never cut
      def take_back(opening, code, who: "fitter")
        @db.transaction do
          row = @db[:cuts].first(opening_id: opening.id, code:)
          raise Fault.new("#{code} is not cut: somebody took it back already.", key: code) unless row

          undo_rest(row)
          @db[:rack].where(id: row[:offcut_id]).update(used_at: nil)
          @db[:cuts].where(opening_id: opening.id, code:).delete
          log(opening, code, {before: Rational(row[:as_cut]), after: nil}, who:)
        end
      end

      private

      def offcut(row)
        Offcut.new(id: row[:id], material: row[:material], length: Rational(row[:length]), kept_at: row[:kept_at],
          fresh: row[:fresh] == 1)
      end

      def piece(row)
        Cut.new(code: row[:code], planned: Rational(row[:planned]), as_cut: Rational(row[:as_cut]), at: row[:at],
          offcut_id: row[:offcut_id], rest_id: row[:rest_id])
      end

      def written(opening, part, as_cut, **bar)
        @db[:cuts].insert_conflict(:replace).insert(opening_id: opening.id, code: part.code,
          planned: part.length.to_r.to_s, as_cut: as_cut.to_r.to_s, material: part.material, at: Clock.now, **bar)
      end

      def undo_rest(row)
        return if row[:rest_id].nil? || @db[:rack].where(id: row[:rest_id], used_at: nil).delete == 1

        raise Fault.new("Something was cut off the same bar since #{row[:code]}, or its rest was taken: that comes " \
          "back first.", key: row[:code])
      end

      # @param lengths [Hash{Symbol => Rational, nil}] before and after, mm
      def log(opening, code, lengths, who:)
        @log.add(opening_id: opening.id, version: opening.version, kind: "cut", key: code, who:, at: Clock.now,
          **lengths.transform_values { |mm| mm&.to_f })
      end
    end
  end
end
