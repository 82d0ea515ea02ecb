# frozen_string_literal: true

require "json"

module YellowTrack
  module Store
    # What was typed and could not be read or saved, kept in its place until a
    # good value takes it.
    class Drafts
      # typed: as it was typed
      # says:  what is wrong with it
      # clash: true where it could be read, but someone changed the value
      #        meanwhile
      Draft = Struct.new(:key, :typed, :says, :clash, keyword_init: true)

      LONGEST = 2_000 # characters of typing kept

      def initialize(db)
        @drafts = db[:drafts]
      end

      # @return [Hash{String => Draft}] by key
      def of(opening_id)
        @drafts.where(opening_id:).to_hash(:key).transform_values do |row|
          Draft.new(key: row[:key], typed: JSON.parse(row[:typed]), says: row[:says], clash: row[:clash] == 1).freeze
        end
      end

      def keep(opening_id, key, typed, says, clash: false)
        @drafts.insert_conflict(:replace).insert(opening_id:, key:, typed: JSON.generate(shortened(typed)), says:,
          clash: clash ? 1 : 0)
      end

      def clear(opening_id, key) = @drafts.where(opening_id:, key:).delete

      private

      def shortened(typed) = typed.is_a?(Array) ? typed.map { shortened(_1) } : typed.to_s[0, LONGEST]
    end
  end
end
