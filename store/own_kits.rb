# frozen_string_literal: true

require "json"

module YellowTrack
  module Store
    # Kit sheets of the fitter's own, as parsed JSON. An opening that takes one
    # holds the whole sheet, so that a sheet changed later leaves it alone.
    class OwnKits
      def initialize(db)
        @kits = db[:own_kits]
      end

      # @return [Hash{String => Hash}] sheets by id
      def all = @kits.order(:id).to_hash(:id, :sheet).transform_values { |sheet| JSON.parse(sheet) }

      # @return [Hash, nil]
      def sheet(id) = @kits.where(id:).get(:sheet)&.then { |sheet| JSON.parse(sheet) }

      # Saves a sheet under its id, in place of one it had.
      def save(sheet)
        @kits.insert_conflict(:replace)
          .insert(id: sheet.fetch("id"), sheet: JSON.generate(sheet), created_at: Clock.now)
      end
    end
  end
end
