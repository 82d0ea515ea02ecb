# frozen_string_literal: true

require "json"

module YellowTrack
  module Store
    # Every change of a reading or a choice, in order, with what it replaced.
    # The database refuses to rewrite it.
    class Log
      include Questions

      # before, after: as typed; nil for nothing
      Entry = Struct.new(:id, :opening_id, :version, :at, :who, :kind, :key, :before, :after, keyword_init: true) do
        # Whether it is what entries of its kind are.
        def whole? = Shape.whole?(kind, key, after, before:)
      end

      # @param db [Sequel::Database]
      def initialize(db)
        @told, @last = Known.new(db), Known.new(db)
        @entries = db[:log_entries]
      end

      # Writes an entry. None is ever changed.
      #
      # @return [Entry] as it is read again
      def add(opening_id:, version:, kind:, key:, before:, after:, who:, at:)
        row = {opening_id:, version:, kind:, key:, who:, at:, before: JSON.generate(before),
               after: JSON.generate(after)}
        entry({id: writing(:log_added, :insert, row.keys) { @entries }.call(row), **row})
      end

      # Reasons of an opening's overridden stops, the latest of each.
      #
      # @return [Hash{String => String}] by code
      def overrides(opening_id)
        @entries.where(opening_id:, kind: "override").order(:id).to_hash(:key, :after).transform_values do |reason|
          JSON.parse(reason)
        end
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
      def before(opening_id, key) = last(opening_id, key)&.before

      # The last entry of an opening, of whatever kind.
      #
      # @param row [Openings::Row]
      # @return [Entry, nil]
      def latest(row)
        @last.of(row) do
          question(:log_latest) { @entries.where(id: @entries.where(opening_id: :$opening).select { max(:id) }) }
            .call(opening: row.id).first&.then { |found| entry(found) }
        end
      end

      # The last change at a key.
      #
      # @return [Entry, nil]
      def last(opening_id, key) = @entries.where(opening_id:, key:).reverse(:id).first&.then { |row| entry(row) }

      # Entries of an opening, oldest first.
      #
      # @param kind [String, Array<String>, nil] only these
      # @param who [String, nil] only his
      # @param most [Integer, nil] how many at most, and how many to pass over
      # @return [Array<Entry>]
      def of(opening_id, kind: nil, who: nil, most: nil, after: nil)
        @entries.where({opening_id:, kind:, who:}.compact).order(:id).limit(most, after).map { |row| entry(row) }
      end

      # @return [Integer] how many there are of them
      def count(opening_id, kind: nil, who: nil) = @entries.where({opening_id:, kind:, who:}.compact).count

      # @return [Integer] how many of an opening's there are, up to one
      def up_to(opening_id, entry) = @entries.where(opening_id:).where { |row| row.id <= entry }.count

      # @return [Array<String>] who wrote in an opening's log
      def names_in(opening_id) = @entries.where(opening_id:).distinct.order(:who).select_map(:who)

      # Corrections of some entries, by the id of each.
      #
      # @return [Hash{Integer => Array<Entry>}]
      def corrections(opening_id, ids)
        keys = ids.map { |id| "entry.#{id}" }
        @entries.where(opening_id:, kind: "correction", key: keys).order(:id).map { |row| entry(row) }.group_by do |one|
          one.key.delete_prefix("entry.").to_i
        end
      end

      # What openings have to tell of their sets, in one question.
      #
      # @param opening_ids [Array<Integer>]
      # @return [Hash{Integer => HungLog}]
      def told(opening_ids)
        rows = opening_ids.one? ? of_one(opening_ids.first) : of_sets(opening_ids).order(:id)
        entries = rows.map { |row| entry(row) }.select(&:whole?).group_by(&:opening_id)
        opening_ids.to_h { |id| [id, HungLog.new(entries[id] || [])] }
      end

      # What one of them has to tell: nothing is asked while its log has no other entry than it had.
      #
      # @param row [Openings::Row]
      # @return [HungLog]
      def told_of(row) = @told.of(row) { told([row.id]).fetch(row.id) }

      # That is the last entry of an opening now.
      #
      # @param entry [Entry]
      def keep_latest(row, entry) = @last.keep(row, entry)

      # It has the same to tell after what was written last.
      #
      # @param record [HungLog]
      def keep_told(row, record) = @told.keep(row, record)

      # The latest ticks of steps of hanging, in their order.
      #
      # @param most [Integer]
      # @return [Array<Entry>]
      def ticks(most) = @entries.where(kind: "step", after: "true").reverse(:id).limit(most).map { |row|
        entry(row)
      }.reverse

      # The latest ticks of visits' own steps, in their order.
      #
      # @param most [Integer]
      # @return [Array<Entry>]
      def timed(most) = @entries.where(kind: "time", after: "true").reverse(:id).limit(most).map { |row|
        entry(row)
      }.reverse

      # The latest readings that were taken twice, in all openings.
      #
      # @param most [Integer]
      # @return [Array<Entry>]
      def twice(most) = @entries.where(kind: "twice").reverse(:id).limit(most).map { |row| entry(row) }

      # @return [Entry, nil]
      def find(id) = @entries.first(id:)&.then { |row| entry(row) }

      private

      def of_one(id) = question(:log_of_one) { of_sets(:$opening).order(:id) }.call(opening: id)

      # What HungLog asks. Of choices that change no set into another it has to know that there was
      # one: the last at each key will do, however often a lap was typed.
      def of_sets(opening_ids)
        own = @entries.where(opening_id: opening_ids)
        choices = own.where(kind: "choice")
        last = choices.exclude(key: HungLog::OTHER_SET).group(:opening_id, :key).select(Sequel.function(:max, :id))
        own.where(kind: HungLog::KINDS) # for readings, which are most of a log, are not even looked at
          .where(Sequel.|({kind: HungLog::KINDS - ["choice"]}, {kind: "choice", key: HungLog::OTHER_SET}, {id: last}))
      end

      def entry(row)
        Entry.new(**row, before: JSON.parse(row[:before]), after: JSON.parse(row[:after])).freeze
      end
    end
  end
end
