# frozen_string_literal: true

require "json"

module YellowTrack
  module Store
    # Search over everything: names, places, notes, remarks and captions by the full-text
    # index; kits and causes by the ids that their names stand for. Nothing of the bin.
    class Finder
      # An opening that was found: what for, an entry of its log or nil.
      Hit = Struct.new(:opening_id, :job_id, :letter, :name, :entry_id, :said, keyword_init: true)

      SHORT = 3 # characters from which the index knows a part of a word
      KINDS = 3 # of rows in the index: jobs, openings, entries

      # @param db [Sequel::Database]
      def initialize(db)
        @db = db
      end

      # @param words [Array<String>] all of which have to stand there
      # @return [Array<Jobs::Job>] by their names and places, and by their customers
      def jobs(words, most:)
        found = Sequel.|({id: ids(words, 0)}, {id: of_customers(words)})
        @db[:jobs].where(binned_at: nil).where(found).order(:position, :id).limit(most)
          .map { |row| Jobs::Job.new(**row) }
      end

      # @return [Array<Hit>] openings by their names, notes and what was said of them
      def openings(words, most:) = hits(hanging.where(Sequel[:openings][:id] => ids(words, 1)), most)

      # @return [Array<Hit>] entries of the log, the latest first
      def entries(words, most:)
        rows = hanging.join(:log_entries, opening_id: Sequel[:openings][:id])
          .where(Sequel[:log_entries][:id] => ids(words, 2)).select_append(Sequel[:log_entries][:id].as(:entry_id),
            Sequel[:log_entries][:after].as(:after))
        rows.reverse(Sequel[:log_entries][:id]).limit(most).map { |row| hit(row, said(row[:after])) }
      end

      # @param kits [Array<String>] ids
      # @return [Array<Hit>] openings that have one of them
      def by_kit(kits, most:)
        return [] if kits.empty?

        own = Sequel.function(:json_extract, Sequel[:openings][:document], "$.set.kit.id")
        shipped = Sequel.function(:json_extract, Sequel[:openings][:document], "$.set.kit")
        hits(hanging.where(Sequel.|({shipped => kits}, {own => kits})), most)
      end

      # @param causes [Array<String>] keys
      # @return [Array<Hit>] openings in which one of them was named
      def by_cause(causes, most:)
        return [] if causes.empty?

        named = @db[:log_entries].where(key: %w[service.cause service.wrong], after: causes.map { |key| key.to_json })
          .select(:opening_id)
        hits(hanging.where(Sequel[:openings][:id] => named), most)
      end

      private

      # Numbers of one kind of rows in the index.
      def ids(words, kind)
        long, short = words.partition { |word| word.length >= SHORT }
        rows = @db[:found].where(Sequel.lit("rowid % ?", KINDS) => kind)
        rows = rows.where(Sequel.lit("found MATCH ?", long.map { |word| quoted(word) }.join(" AND "))) if long.any?
        short.each { |word| rows = rows.where(Sequel.ilike(:text, "%#{rows.escape_like(word)}%")) }
        rows.select(Sequel.lit("(rowid - ?) / ?", kind, KINDS))
      end

      # Numbers of jobs whose customer has every word somewhere.
      def of_customers(words)
        columns = Customers::LONGEST.keys.map(&:to_sym)
        words.reduce(@db[:customers]) { |rows, word|
          like = "%#{rows.escape_like(word)}%"
          rows.where(Sequel.|(*columns.map { |column| Sequel.ilike(column, like) }))
        }.select(:job_id)
      end

      def quoted(word) = "\"#{word.gsub("\"", "\"\"")}\""

      def hanging
        @db[:openings].join(:jobs, id: Sequel[:openings][:job_id])
          .where(Sequel[:openings][:binned_at] => nil, Sequel[:jobs][:binned_at] => nil)
          .select(Sequel[:openings][:id].as(:opening_id), :job_id, :letter, Sequel[:openings][:name].as(:name))
      end

      def hits(rows, most)
        rows.order(:job_id, Sequel[:openings][:position], Sequel[:openings][:id]).limit(most).map { |row|
          hit(row, nil)
        }
      end

      def hit(row, said)
        Hit.new(**row.slice(:opening_id, :job_id, :letter, :name, :entry_id), said:)
      end

      def said(json)
        value = JSON.parse(json)
        value.is_a?(Hash) ? value["caption"].to_s : value.to_s
      end
    end
  end
end
