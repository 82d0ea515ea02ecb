# frozen_string_literal: true

require "json"

module YellowTrack
  module Store
    # What was typed and could not be read or saved, kept for whoever typed it
    # until he settles it: by a value that is saved, or by giving it up.
    class Drafts
      include Questions

      # typed: as it was typed
      # unit:  in which a bare number was meant
      # says:  what is wrong with it
      # clash: true where it could be read, but someone changed the value
      #        meanwhile
      # seen:  the opening's version on the screen it was typed on
      # at:    when; nil for those from before that was kept
      Draft = Struct.new(:key, :owner, :typed, :unit, :says, :clash, :seen, :at, keyword_init: true)

      LONGEST = 2_000 # characters of typing kept
      ANYBODY = "" # owner of those from before drafts had one

      # @param db [Sequel::Database]
      def initialize(db)
        @drafts = db[:drafts]
      end

      # @param owner [String]
      # @return [Hash{String => Draft}] his, by key
      def of(opening_id, owner)
        his = question(:his_drafts) do
          @drafts.where(opening_id: :$opening, owner: [:$owner, ANYBODY]).order(:owner)
        end
        his.call(opening: opening_id, owner:).to_h { |row| [row[:key], draft(row)] }
      end

      # @param owner [String]
      # @return [Array<Array(Integer, Draft)>] his of every opening, with its number
      def by(owner)
        question(:drafts_by) { @drafts.where(owner: :$owner).order(:opening_id, :key) }.call(owner:)
          .map { |row| [row[:opening_id], draft(row)] }
      end

      # Keeps what could not be taken, for whoever typed it, with why.
      def keep(opening_id, key, typed, says:, owner:, seen: 0, unit: "mm", clash: false)
        @drafts.insert_conflict(:replace)
          .insert(opening_id:, key:, owner:, seen:, unit: unit.to_s, typed: JSON.generate(shortened(typed)), says:,
            clash: clash ? 1 : 0, at: Clock.now)
      end

      # Settles his.
      def clear(opening_id, key, owner:) = @drafts.where(opening_id:, key:, owner: [owner, ANYBODY]).delete

      # What was typed on a device before it was known whose it is.
      def hand(from, to)
        his = @drafts.where(owner: to).select(:opening_id, :key)
        @drafts.where(owner: from).exclude([:opening_id, :key] => his).update(owner: to)
      end

      private

      def draft(row)
        Draft.new(**row.slice(:key, :owner, :unit, :says, :seen, :at), typed: JSON.parse(row[:typed]),
          clash: row[:clash] == 1).freeze
      end

      def shortened(typed) = typed.is_a?(Array) ? typed.map { shortened(_1) } : typed.to_s[0, LONGEST]
    end
  end
end
