# frozen_string_literal: true

require "json"

module YellowTrack
  module Store
    # Which revision of each opening was put on paper last, and when.
    class Papers
      Paper = Struct.new(:opening_id, :version, :at, keyword_init: true)

      # @param db [Sequel::Database]
      # @param table [Symbol] :papers, for the saw and the hanging; :framers_sheets, for whoever frames an opening
      def initialize(db, table = :papers)
        @papers, @table = db[table], table
        @made_of = (table == :papers) ? :papered : :framed
        @changed = Known.new(db)
      end

      # Writes down that papers were made of a version.
      def made(opening_id, version) = @papers.insert_conflict(:replace).insert(opening_id:, version:, at: Clock.now)

      # What was changed of openings since their papers were made: readings and choices that stand on them.
      #
      # @param opening_ids [Array<Integer>]
      # @return [Hash{Integer => Hash{String => Array}}] by opening, by key: what stood on the papers, and
      #   what stands now
      def changed_since(opening_ids)
        rows = @papers.join(:log_entries, opening_id: :opening_id)
          .where(Sequel[@table][:opening_id] => opening_ids, :kind => %w[reading choice])
          .where(Sequel[:log_entries][:version] > Sequel[@table][:version])
          .where(Sequel.like(:key, "survey.%", "set.%"))
          .order(Sequel[:log_entries][:id]).select_map([Sequel[@table][:opening_id], :key, :before, :after])
        rows.group_by(&:first).transform_values { |changes| told(changes) }.reject { |_, changed| changed.empty? }
      end

      # The same of openings as they are in hand. Nothing is asked of one that no papers were made of, that has not
      # changed since, or whose log is as it was when it was asked.
      #
      # @param rows [Array<Openings::Row>]
      # @return [Hash{Integer => Hash{String => Array}}]
      def changed_of(rows)
        rows = rows.select { |row| (made_of = row[@made_of]).nil? || made_of.between?(1, row.version - 1) }
        known, others = rows.partition { |row| row.logged && row[@made_of] }
        asked = others.any? ? changed_since(others.map(&:id)) : {}
        known.each { |row| known_of(row).then { |changed| asked[row.id] = changed if changed.any? } }
        asked
      end

      # @return [Paper, nil] the last of an opening
      def last(opening_id) = @papers.first(opening_id:)&.then { |row| Paper.new(**row) }

      private

      def known_of(row)
        @changed.of(row, row[@made_of]) { changed_since([row.id]).fetch(row.id, {}) }
      end

      # What came back to what it was is no change.
      def told(changes)
        changes.group_by { |_, key, _, _| key }
          .transform_values { |list| [list.first[2], list.last[3]].map { |text| JSON.parse(text) } }
          .reject { |_, (before, after)| before.to_s == after.to_s }
      end
    end
  end
end
