# frozen_string_literal: true

require "json"

module YellowTrack
  module Store
    # Causes of the firm's own: what was found by hand where none of the known ones fitted, as a row of the
    # knowledge of doors (handbook 13).
    class OwnCauses
      include Questions

      # @param db [Sequel::Database]
      # @param replaced [Replaced]
      def initialize(db, replaced)
        @causes, @replaced = db[:own_causes], replaced
      end

      # @return [Hash{String => Hash}] rows by key, as the knowledge of doors has them
      def all
        question(:all_own_causes) { @causes.order(:id).select(:id, :cause) }.call
          .to_h { |row| [row[:id], JSON.parse(row[:cause])] }
      end

      # Those that doors of a family can have.
      def of(family) = all.select { |_, row| row["for"].include?(family) }

      # Saves a row under its key, in place of one that it had, which is kept.
      def save(key, row, who: "")
        before = all[key]
        @replaced.keep("cause", key, before, who:) if before && before != row
        @causes.insert_conflict(:replace).insert(id: key, cause: JSON.generate(row), created_at: Clock.now, who:)
      end

      # Takes a row out; it is kept, as what was replaced is.
      def drop(key, who: "")
        before = all[key] or return
        @replaced.keep("cause", key, before, who:)
        @causes.where(id: key).delete
      end
    end
  end
end
