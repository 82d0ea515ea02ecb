# frozen_string_literal: true

require "time"

module YellowTrack
  module Desk
    # What was written at an opening away from the server, under the time that it was
    # written; what quarrels with what others wrote meanwhile is left to be decided.
    class TakenAlong
      TICK = "tick:" # begins the key of a draft that is a step's tick
      OLDEST = 60 * 24 * 3600 # seconds
      OFF = 24 * 3600 # seconds that a device's clock may be off the server's, without being asked about

      # A draft that quarrels, or could not be read: opening, its row; key; field, nil for a
      # step; step; draft; theirs, the entry that it quarrels with.
      Open = Struct.new(:opening, :key, :field, :step, :draft, :theirs, keyword_init: true) do
        # Whether it quarrels with what others wrote.
        def quarrel? = draft.clash
      end

      # @param text [String] when a device says that something was written
      # @return [Time] never later than now, nor long ago
      def self.time(text, now: Time.now) = told(text, now).clamp(now - OLDEST, now)

      # What a device says of a time; now, where that is none.
      #
      # @return [Time]
      def self.told(text, now = Time.now)
        Time.iso8601(text.to_s)
      rescue ArgumentError
        now
      end

      # Whether it could not have been then: before the opening was there, or by a clock that is a
      # day or more off the server's.
      #
      # @param at [Time] as the device says
      # @param clock [Time] what its clock showed when it was sent
      # @param made [Time] when the opening was made
      # @param now [Time]
      def self.doubtful?(at, clock:, made:, now: Time.now)
        (clock - now).abs >= OFF || at >= now + OFF || at < made - 1
      end

      # @param book [Store::Book]
      # @param who [String] wrote it
      # @param owner [String] of his drafts
      def initialize(book, who:, owner:)
        @book, @who, @owner = book, who, owner
      end

      # The version that whoever typed had seen of a value: what he wrote himself since,
      # before this, is seen by him.
      #
      # @param seen [Integer] as his page told it
      # @param at [Time] it was typed at
      # @return [Integer]
      def seen(opening, key, seen, at:)
        since = @book.log.since(opening.id, seen).select { |entry| entry.key == key }
        his = since.all? { |entry| entry.who == @who && Time.iso8601(entry.at) <= at }
        (since.any? && his) ? since.last.version : seen
      end

      # Whether all that was written of an opening since is his own: then he saw it.
      def his_own?(opening, seen) = @book.log.since(opening.id, seen).all? { |entry| entry.who == @who }

      # Ticks a step, or takes that back; later ticks of others quarrel with it.
      #
      # @param steps [#find, #tick!] the steps of a set, or of mending a door
      # @return [Array(Symbol, String)] what came of it, and a sentence
      def tick(opening, steps, key, done:, at:)
        step = steps.find(key) or return [:refused, "There is no such step for this set any more."]
        last = @book.log.last(opening.id, key)
        return quarrel(opening, key, done, last:) if other?(last, done, at)

        steps.tick!(step, done, who: @who)
        [:kept, nil]
      end

      # @return [Array<Open>] his, as they are to be settled
      def open
        @book.drafts.by(@owner).filter_map do |opening_id, draft|
          row = @book.openings.find(opening_id)
          step = draft.key.delete_prefix(TICK) if draft.key.start_with?(TICK)
          field = Fields.told(draft.key) unless step
          next if row.nil? || (step.nil? && field.nil?)

          Open.new(opening: row, key: draft.key, field:, step:, draft:,
            theirs: @book.log.last(opening_id, step || draft.key))
        end
      end

      # Settles one: what others wrote stands, or his does.
      #
      # @param mine [Boolean]
      # @return [Writing::Result, nil]
      def decide(opening, key, mine)
        return decide_step(opening, key, mine) if key.start_with?(TICK)

        field = Fields[key] or return
        writing = Writing.new(opening, who: @who, owner: @owner)
        draft = @book.drafts.of(opening.id, @owner)[key] or return
        return writing.forget(field) unless mine

        writing.write(field, draft.typed, seen: opening.version, unit: draft.unit.to_sym, overrule: true)
      end

      # Where the steps of an opening are: its set's, or the mending's.
      #
      # @return [Progress, Service]
      def self.steps(opening, key) = (opening.plan && opening.progress.find(key)) ? opening.progress : opening.service

      private

      # Whether another did the opposite later than this was done.
      def other?(last, done, at)
        last && last.who != @who && Time.iso8601(last.at) > at && (last.after ? true : false) != done
      end

      def quarrel(opening, key, done, last:)
        says = "#{last.who} #{last.after ? "ticked it" : "took it back"} meanwhile."
        @book.drafts.keep(opening.id, "#{TICK}#{key}", done ? "done" : "not done", says:, owner: @owner, clash: true)
        [:quarrel, says]
      end

      def decide_step(opening, key, mine)
        draft = @book.drafts.of(opening.id, @owner)[key] or return
        steps = TakenAlong.steps(opening, key.delete_prefix(TICK))
        step = steps.find(key.delete_prefix(TICK))
        steps.tick!(step, draft.typed == "done", who: @who) if mine && step
        @book.drafts.clear(opening.id, key, owner: @owner)
        nil
      end
    end
  end
end
