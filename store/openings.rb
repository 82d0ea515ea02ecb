# frozen_string_literal: true

module YellowTrack
  module Store
    # The openings of jobs. Each holds its opening file as a document; lists
    # read the columns beside it.
    class Openings
      Opening = Struct.new(:id, :job_id, :letter, :name, :document, :family, :stage, :worst, :version, :created_at,
        :changed_at, :binned_at, :position, :notes, keyword_init: true)

      # What came of a change.
      #
      # opening   as it stands now
      # outcome   :saved, :same (nothing to change) or :conflict (the value
      #           was changed by someone who had not seen this one's typing)
      # meanwhile entries of others since the version that was seen
      Change = Struct.new(:opening, :outcome, :meanwhile, keyword_init: true)

      def initialize(db, log)
        @db = db
        @log = log
        @openings = db[:openings]
      end

      # @return [Array<Opening>] of a job, in their order, none of the bin
      def of(job_id) = hanging.where(job_id:).map { |row| opening(row) }

      # @return [Hash{Integer => Array<Opening>}] of every job, by its id
      def by_job = hanging.map { |row| opening(row) }.group_by(&:job_id)

      # @return [Array<Opening>] of a job's bin, the last binned first
      def binned(job_id) = @openings.where(job_id:).exclude(binned_at: nil).reverse(:binned_at, :id).map { |row| opening(row) }

      # Hangs an opening before the one that hangs before it, or after the one
      # after it; the first and the last stay.
      #
      # @param by [Integer] -1 or 1
      def move(id, by)
        @db.transaction do
          row = find(id)
          order = of(row.job_id)
          other = order[[order.index { |one| one.id == id } + by, 0].max]
          next unless other

          @openings.where(id:).update(position: other.position)
          @openings.where(id: other.id).update(position: row.position)
        end
      end

      # Keeps what a fitter notes about an opening, and logs what it replaced.
      def note(id, notes, who: "fitter")
        @db.transaction do
          now = find(id)
          next if now.notes == notes

          @openings.where(id:).update(notes:)
          @log.add(opening_id: id, version: now.version, kind: "note", key: "notes", before: now.notes, after: notes, who:, at: Clock.now)
        end
      end

      # Puts an opening in the bin, or brings it back.
      #
      # @return [Opening]
      def bin(id, binned: true, who: "fitter")
        @db.transaction do
          now = find(id)
          next now if binned == !now.binned_at.nil?

          version = now.version + 1
          @openings.where(id:).update(binned_at: binned ? Clock.now : nil, version:)
          @log.add(opening_id: id, version:, kind: "made", key: binned ? "binned" : "brought back", before: nil, after: nil, who:, at: Clock.now)
          find(id)
        end
      end

      # Openings whose name or notes hold some text.
      #
      # @return [Array<Opening>]
      def named_like(text)
        like = "%#{@openings.escape_like(text)}%"
        binned = @db[:jobs].exclude(binned_at: nil).select(:id)
        hanging.where(Sequel.ilike(:name, like) | Sequel.ilike(:notes, like)).exclude(job_id: binned).map { |row| opening(row) }
      end

      # @return [Opening, nil]
      def find(id) = @openings.first(id:)&.then { |row| opening(row) }

      # @param document [Document]
      # @return [Opening]
      def add(job_id:, document:, stage: "measure", letter: nil, who: "fitter")
        @db.transaction do
          letter ||= next_letter(job_id)
          at = Clock.now
          id = @openings.insert(job_id:, letter:, name: document["name"], document: document.to_json, stage:,
            family: document["set.family"], created_at: at, changed_at: at)
          @openings.where(id:).update(position: id)
          @log.add(opening_id: id, version: 1, kind: "made", key: "opening", before: nil, after: document.to_h, who:, at:)
          find(id)
        end
      end

      # Changes one value and logs what it replaced.
      #
      # @param id [Integer]
      # @param key [String] dotted, as in "survey.widths.top"
      # @param value [Object, nil] as typed; nil takes it out
      # @param seen [Integer] the opening's version on the screen of whoever
      #   typed it
      # @param overrule [Boolean] save it even over a change not seen
      # @yieldparam document [Document] as it will be
      # @yieldreturn [Hash] the columns worst and stage that go with it
      # @return [Change]
      def change(id, key, value, seen:, who: "fitter", overrule: false)
        @db.transaction do
          now = find(id)
          meanwhile = @log.since(id, seen)
          next Change.new(opening: now, outcome: :same, meanwhile:) if now.document[key] == value
          next Change.new(opening: now, outcome: :conflict, meanwhile:) if !overrule && meanwhile.any? { |entry| clash?(entry.key, key) }

          document = now.document.with(key, value)
          save(now, document, yield(document))
          record(now, key, value, who)
          Change.new(opening: find(id), outcome: :saved, meanwhile:)
        end
      end

      # Writes down that a hung panel's adjusters were turned: its state after
      # that, with no gaps, for they are to be read again.
      #
      # @param panel [String] its name
      # @param state [Hash] what the opening file holds of it then
      # @param made [Hash] the move, for the log
      # @param seen [Integer] the opening's version on the screen
      # @yieldparam document [Document]
      # @yieldreturn [Hash] the columns worst and stage
      # @return [Change]
      def adjust(id, panel, state, made:, seen:, who: "fitter")
        key = "hung.#{panel}"
        @db.transaction do
          now = find(id)
          meanwhile = @log.since(id, seen)
          next Change.new(opening: now, outcome: :conflict, meanwhile:) if meanwhile.any? { |entry| clash?(entry.key, key) }

          document = now.document.with(key, state)
          save(now, document, yield(document))
          @log.add(opening_id: id, version: now.version + 1, kind: "move", key:, before: now.document[key], after: made, who:, at: Clock.now)
          Change.new(opening: find(id), outcome: :saved, meanwhile:)
        end
      end

      # Takes a move back: what stood before it stands again, and a correction
      # says so, in one act.
      #
      # @param move [Log::Entry]
      # @return [Change]
      def take_back(id, move, says:, seen:, who: "fitter", &columns)
        @db.transaction do
          change = change(id, move.key, move.before, seen:, who:, &columns)
          next change unless change.outcome == :saved

          @log.add(opening_id: id, version: change.opening.version, kind: "correction", key: "entry.#{move.id}", before: nil, after: says, who:, at: Clock.now)
          change
        end
      end

      # Notes the stage that an opening has come to.
      def come_to(id, stage) = @openings.where(id:).update(stage:)

      private

      def hanging = @openings.where(binned_at: nil).order(:job_id, :position, :id)

      # One key lies within the other, as a list's place within the list.
      def clash?(one, other) = one == other || one.start_with?("#{other}.") || other.start_with?("#{one}.")

      # Optimistic locking: the row must still be the one that was read.
      def save(now, document, columns)
        changed = @openings.where(id: now.id, version: now.version).update(document: document.to_json, name: document["name"],
          family: document["set.family"], version: now.version + 1, changed_at: Clock.now, **columns)
        raise Sequel::Error, "opening #{now.id} is no longer at version #{now.version}" unless changed == 1
      end

      def record(now, key, value, who)
        @log.add(opening_id: now.id, version: now.version + 1, kind: key.start_with?("survey.", "hung.") ? "reading" : "choice", key:,
          before: now.document[key], after: value, who:, at: Clock.now)
      end

      def opening(row) = Opening.new(**row, document: Document.parse(row[:document])).freeze

      def next_letter(job_id)
        taken = @openings.where(job_id:).select_map(:letter)
        ("A".."ZZ").find { |letter| !taken.include?(letter) } or
          raise Fault.new("This job has every letter from A to ZZ. Start another job.", key: "letter")
      end
    end
  end
end
