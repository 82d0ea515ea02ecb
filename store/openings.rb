# frozen_string_literal: true

require "json"

module YellowTrack
  module Store
    # The openings of jobs. Each holds its opening file as a document; lists
    # read the columns beside it, which every write keeps up to date.
    class Openings
      include Lists

      # reached, sentence, outline, materials: what lists show, nil until it is worked out
      # logged: its last entry in the log, nil in lists
      # papered, framed: the versions that its papers and the framer's sheet were made of, 0 for none; nil while
      #   something is being written
      # drafted: how much was typed in it and not taken; nil in lists, and once it was written, unless there was none
      # ruled: the rules of the house that were set, by key, for its pages go by them; nil in lists
      Row = Struct.new(:id, :job_id, :letter, :name, :document, :family, :stage, :worst, :version, :created_at,
        :changed_at, :binned_at, :position, :notes, :items, :reached, :sentence, :outline, :materials,
        :logged, :papered, :framed, :drafted, :ruled, keyword_init: true) do
        # Whether what lists show of it is worked out.
        def listed? = !outline.nil?
      end

      # What came of a change.
      #
      # opening   as it stands now
      # outcome   :saved, :same (nothing to change) or :conflict (the value
      #           was changed by someone who had not seen this one's typing)
      # meanwhile entries of others since the version that was seen
      # last      the last entry that was written; nil where nothing was
      Change = Struct.new(:opening, :outcome, :meanwhile, :last, keyword_init: true)

      # Something to be written: another document or nil, entries of the log (kind,
      # key, before, after), other columns.
      Act = Struct.new(:document, :entries, :columns, keyword_init: true)

      # What no write of the opening itself brings up to date.
      BESIDE = {papered: nil, framed: nil}.freeze

      AS_JSON = %i[document outline materials].freeze

      # What lists show and rules are, by its text: the same text reads as the same thing, frozen.
      READ = Latest.new(1000)
      private_constant :READ

      # @param log [Log] that its writes go into
      def initialize(db, log)
        @db = db
        @log = log
        @openings = db[:openings]
      end

      # @return [Opening, nil]
      def find(id)
        one = question(:one_opening) do
          beside(@openings.where(id: :$id), logged: @db[:log_entries].select { max(:id) },
            drafted: @db[:drafts].select { count.function.* })
            .select_append(@db[:house_rules].select { json_group_object(:key, :value) }.as(:ruled))
        end
        one.call(id:).first&.then { |row| opening(row) }
      end

      # @param document [Document]
      # @yieldparam opening [Opening] as it was added
      # @yieldreturn [Hash] the columns that lists read
      # @return [Opening]
      def add(job_id:, document:, stage: "measure", letter: nil, who: "fitter", &listing)
        @db.transaction do
          at = Clock.now
          id = @openings.insert(job_id:, letter: letter || next_letter(job_id), name: document["name"],
            document: document.to_json, items: document.items,
            stage:, family: document["set.family"], created_at: at, changed_at: at)
          @openings.where(id:).update(position: id)
          @log.add(opening_id: id, version: 1, kind: "made", key: "opening", before: nil, after: document.to_h, who:,
            at:)
          keep_listing(id, listing.call(find(id))) if listing
          find(id)
        end
      end

      # Writes something down, in one transaction: the document with its version,
      # the log, the columns that lists read.
      #
      # @param seen [Integer, nil] the opening's version on the screen of whoever
      #   writes; nil where nothing others wrote can be in the way
      # @param key [String, nil] what it touches
      # @param overrule [Boolean] even over a change not seen
      # @param listing [Proc, nil] gives the columns of the opening as written
      # @yieldparam now [Opening]
      # @yieldreturn [Act, nil] nil for nothing to change
      # @return [Change]
      def commit(id, who: "fitter", seen: nil, key: nil, overrule: false, listing: nil)
        @db.transaction do
          now = find(id)
          meanwhile = (seen && seen < now.version) ? @log.since(id, seen) : []
          act = yield now
          next Change.new(opening: now, outcome: :same, meanwhile:) unless act
          next Change.new(opening: now, outcome: :conflict, meanwhile:) if !overrule && key &&
            meanwhile.any? { |entry| clash?(entry.key, key) }

          opening, last = write(now, act, who, listing:)
          Change.new(opening:, outcome: :saved, meanwhile:, last:)
        end
      end

      # Changes one value and logs what it replaced.
      #
      # @param key [String] dotted, as in "survey.widths.top"
      # @param value [Object, nil] as typed; nil takes it out
      # @return [Change]
      def change(id, key, value, seen:, who: "fitter", overrule: false, listing: nil, columns: {})
        commit(id, who:, seen:, key:, overrule:, listing:) do |now|
          next if now.document[key] == value

          document = now.document.with(key, value)
          settled = document.settled(key)
          Act.new(document:, columns:, entries: [{kind: kind_of(key), key: settled, before: now.document[settled],
                                                  after: value}])
        end
      end

      # Writes entries in the log of an opening; its document stays.
      #
      # @param entries [Array<Hash>] kind, key, before, after
      # @return [Opening]
      def note(id, *entries, who: "fitter", listing: nil, columns: {})
        commit(id, who:, listing:) { Act.new(entries:, columns:) }.opening
      end

      # Keeps what lists show of an opening, without touching anything else.
      #
      # @param columns [Hash]
      def keep_listing(id, columns) = @openings.where(id:).update(stored(columns))

      # What lists show of all openings has to be worked out anew.
      def forget_listings = @openings.update(outline: nil)

      # Hangs an opening before the one that hangs before it, or after the one
      # after it; the first and the last stay.
      #
      # @param by [Integer] -1 or 1
      def move(id, by)
        @db.transaction do
          row = find(id)
          other = beyond(row, by).first or next

          @openings.where(id:).update(position: other[:position])
          @openings.where(id: other[:id]).update(position: row.position)
        end
      end

      # Puts an opening in the bin, or brings it back.
      #
      # @return [Opening]
      def bin(id, binned: true, who: "fitter")
        commit(id, who:) do |now|
          next if binned == !now.binned_at.nil?

          Act.new(columns: {binned_at: binned ? Clock.now : nil, version: now.version + 1},
            entries: [{kind: "made", key: binned ? "binned" : "brought back", before: nil, after: nil}])
        end.opening
      end

      private

      # Those that hang before or after one in its job, the nearest first.
      def beyond(row, by)
        others = @openings.where(job_id: row.job_id, binned_at: nil)
        if by < 0
          return others.where { |one|
            (one.position < row
                    .position) | ((one.position =~ row.position) & (one.id < row.id))
          }.reverse(:position, :id)
        end

        others.where { |one| (one.position > row.position) | ((one.position =~ row.position) & (one.id > row.id)) }
          .order(:position, :id)
      end

      # One key lies within the other, as a list's place within the list.
      def clash?(one, other) = one == other || one.start_with?("#{other}.") || other.start_with?("#{one}.")

      def kind_of(key) = key.start_with?("survey.", "hung.") ? "reading" : "choice"

      # What lists show is worked out of the opening as it is to stand, with its log;
      # then all of it is written.
      #
      # @return [Array(Row, Log::Entry)] as it stands then, and what was logged last
      def write(now, act, who, listing:)
        at = Clock.now
        changed = {changed_at: at, **written(now, act.document), **act.columns.to_h}
        version = changed.fetch(:version, now.version)
        last = act.entries.map { |entry| @log.add(opening_id: now.id, version:, who:, at:, **entry) }.last
        row = Row.new(**now.to_h, **changed, logged: last&.id || now.logged, drafted: (0 if now.drafted == 0))
        listed = listing ? listing.call(row) : {}
        update(now, stored(changed.merge(listed)))
        [Row.new(**row.to_h, **listed).freeze, last]
      end

      # What another document changes.
      def written(now, document)
        return {} unless document

        {document:, items: document.items, name: document["name"], family: document["set.family"],
         version: now.version + 1}
      end

      # Columns as the database has them.
      def stored(columns) = columns.to_h { |name, value| [name, AS_JSON.include?(name) ? value.to_json : value] }

      # Optimistic locking: the row must still be the one that was read.
      def update(now, columns)
        names = columns.keys
        changed = writing(:"opening_#{names.join("_")}", :update, names) do
          @openings.where(id: :$now_id, version: :$now_version)
        end.call(now_id: now.id, now_version: now.version, **columns)
        raise Sequel::Error, "opening #{now.id} is no longer at version #{now.version}" unless changed == 1
      end

      # Asks with openings what tells whether anything that is known of them may have changed.
      def beside(openings, **more)
        none = Sequel.function(:coalesce, Sequel.function(:max, :version), 0)
        asked = {papered: @db[:papers].select(none), framed: @db[:framers_sheets].select(none), **more}
        openings.select_all(:openings).select_append(*asked.map { |name, rows|
          rows.where(opening_id: Sequel[:openings][:id]).as(name)
        })
      end

      def opening(row)
        Row.new(**row, **(@db.in_transaction? ? BESIDE : {}), document: Document.parse(row[:document], row[:items]),
          **row.slice(:outline, :materials, :ruled).transform_values { |json| read(json) }).freeze
      end

      def read(json) = json && READ.fetch(json) { JSON.parse(json, freeze: true) }

      def next_letter(job_id)
        taken = @openings.where(job_id:).select_map(:letter).to_set
        ("A".."ZZZ").find { |letter| !taken.include?(letter) } or
          raise Fault.new("This job has every letter from A to ZZZ. Start another job.", key: "letter")
      end
    end
  end
end
