# frozen_string_literal: true

require "json"

module YellowTrack
  module Store
    # Every change of a reading or a choice, in order, with what it replaced.
    # The database refuses to rewrite it.
    class Log
      # before, after: as typed; nil for nothing
      Entry = Struct.new(:id, :opening_id, :version, :at, :who, :kind, :key, :before, :after, keyword_init: true)

      def initialize(db)
        @entries = db[:log_entries]
      end

      def add(opening_id:, version:, kind:, key:, before:, after:, who:, at:)
        @entries.insert(opening_id:, version:, kind:, key:, who:, at:, before: JSON.generate(before), after: JSON.generate(after))
      end

      # Changes of an opening since one of its versions, oldest first.
      #
      # @return [Array<Entry>]
      def since(opening_id, version)
        @entries.where(opening_id:).where { |row| row.version > version }.order(:id).map { |row| entry(row) }
      end

      # What stood at a key before its last change.
      #
      # @return [Object, nil] as typed
      def before(opening_id, key) = @entries.where(opening_id:, key:).reverse(:id).first&.then { |row| entry(row).before }

      private

      def entry(row)
        Entry.new(**row, before: JSON.parse(row[:before]), after: JSON.parse(row[:after])).freeze
      end
    end
  end
end
