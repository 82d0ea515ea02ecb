# frozen_string_literal: true

require "json"

module YellowTrack
  module Store
    # What things were before another was put in their place: kits, house rules, hours, prices,
    # names of jobs.
    class Replaced
      include Questions

      Was = Struct.new(:key, :before, :who, :at, keyword_init: true)

      # @param db [Sequel::Database]
      def initialize(db)
        @replaced = db[:replaced]
      end

      # @param before [Object, nil] as parsed JSON
      # @param who [String] replaces it
      def keep(kind, key, before, who:)
        @replaced.insert(kind:, key: key.to_s, before: JSON.generate(before), who:, at: Clock.now)
      end

      # @return [Array<Was>] of one thing, the latest first
      def of(kind, key) = among(kind, [key.to_s])

      # @param keys [Array<String>]
      # @return [Array<Was>] of several things, the latest first
      def among(kind, keys, most: 50)
        question(:replaced_among) do
          @replaced.where(kind: :$kind, key: told_in(@replaced.db, :$keys)).reverse(:id).limit(:$most)
        end.call(kind:, keys: JSON.generate(keys), most:).map { |row| was(row) }
      end

      private

      def was(row) = Was.new(**row.slice(:key, :who, :at), before: JSON.parse(row[:before]))
    end
  end
end
