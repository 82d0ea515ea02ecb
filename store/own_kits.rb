# frozen_string_literal: true

require "digest"
require "json"

module YellowTrack
  module Store
    # Kit sheets of the fitter's own, as parsed JSON. An opening that takes one
    # holds the whole sheet, so that a sheet changed later leaves it alone.
    class OwnKits
      include Questions

      # @param db [Sequel::Database]
      # @param replaced [Replaced]
      def initialize(db, replaced)
        @kits, @replaced = db[:own_kits], replaced
      end

      # @return [Hash{String => Hash}] sheets by id
      def all
        question(:all_own_kits) { @kits.order(:id).select(:id, :sheet) }.call
          .to_h { |row| [row[:id], JSON.parse(row[:sheet])] }
      end

      # @return [Hash, nil]
      def sheet(id) = @kits.where(id:).get(:sheet)&.then { |sheet| JSON.parse(sheet) }

      # What stands under an id, in a few letters; empty for nothing.
      #
      # @return [String]
      def mark(id) = sheet(id)&.then { |sheet| Digest::SHA256.hexdigest(JSON.generate(sheet))[0, 16] }.to_s

      # Who saved what stands under an id.
      #
      # @return [String, nil]
      def saver(id) = @kits.where(id:).get(:who)

      # Saves a sheet under its id, in place of one it had, which is kept.
      def save(sheet, who: "")
        id, before = sheet.fetch("id"), sheet(sheet.fetch("id"))
        @replaced.keep("kit", id, before, who:) if before && before != sheet
        @kits.insert_conflict(:replace).insert(id:, sheet: JSON.generate(sheet), created_at: Clock.now, who:)
      end
    end
  end
end
