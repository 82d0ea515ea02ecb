# frozen_string_literal: true

module YellowTrack
  module Desk
    # A reading that is taken a second time, before the first is shown (handbook 16): what says the same within the
    # grain is sure from then on; what differs is a reading like any other.
    class OnceMore
      KEPT = "survey.twice"
      SAME = "same"
      OTHER = "other"
      TWO_TAPES = "then one tape is wrong. Hold both against a steel rule, and read all of it anew with the one that " \
        "agrees with it. It is not marked sure."
      FLOOR = Sure::Readings::FLOOR
      TAPE = Sure::Readings::TAPE
      FIRST_TAPED = "survey.widths.top"
      TAPED = /\Asurvey\.(?:widths|heights|diagonals|check)\b/ # what a tape reads

      # What came of it: opening as it stands now; outcome :sure, :other, :unread or :conflict; note in words;
      # field, that it stands in: of the tape, the first that it read.
      Result = Struct.new(:opening, :outcome, :note, :field, keyword_init: true)

      class << self
        # A document of which a reading was changed: it is no longer sure, nor is the tape; of the floor no station is.
        #
        # @param document [Store::Document]
        # @param key [String] what was changed
        # @return [Store::Document]
        def without(document, key)
          kept = document[KEPT] or return document
          stale = kept.select { |one| stale?(one, key) }
          stale.empty? ? document : document.with(KEPT, (kept - stale).then { |left| left unless left.empty? })
        end

        # What the log tells of readings that are sure, or no longer so.
        def entries(before, after)
          return [] if before[KEPT] == after[KEPT]

          [{kind: "reading", key: KEPT, before: before[KEPT], after: after[KEPT]}]
        end

        private

        def stale?(one, key)
          one == key || (one == TAPE && TAPED.match?(key)) ||
            (one.start_with?(FLOOR) && key.start_with?(FLOOR.chomp(".")))
        end
      end

      # @param opening [KeptOpening]
      # @param who [String] types
      # @param owner [String] of his drafts
      def initialize(opening, who:, owner:)
        @opening, @who, @owner = opening, who, owner
        @readings = Sure::Readings.of(opening.opening).to_h { |reading| [reading.key, reading] }
      end

      # @param key [String] as the sure file has it
      # @param typed [String] the second reading, in the opening's own unit; SAME or OTHER for the tape
      # @param seen [Integer] the version that it was asked on
      # @return [Result]
      def take(key, typed, seen:)
        reading = @readings[key] or
          return told(:unread, "\"#{key[0, 60]}\" is no reading that was taken here. Load the page again.")
        return tape(typed, seen) if key == TAPE

        second = Length.parse(typed, unit: @opening.opening.units, signed: reading.signed == true).mm
        first = reading.now(@opening.opening)
        both = {"first" => first, "second" => second}.transform_values { |mm| Numbers.plain(mm) }
        slip = {kind: "twice", key:, before: nil, after: both}
        same = (first - second).abs <= @opening.opening.grain
        same ? keep(key, seen, slip:) : replace(key, typed, seen, first:, slip:)
      rescue Fault => e
        told(:unread, e.words)
      end

      private

      def told(outcome, note, opening: @opening, field: nil) = Result.new(opening:, outcome:, note:, field:)

      def tape(typed, seen)
        return keep(TAPE, seen) if typed == SAME

        told(:unread, (typed == OTHER) ? TWO_TAPES : "say whether the other tape reads the same.")
      end

      # @param slip [Hash, nil] the entry that keeps both readings; of a tape there is none
      def keep(key, seen, slip: nil)
        book, field = @opening.book, field_of(key)
        change = book.openings.commit(@opening.id, who: @who, seen:, key: field.key, listing: Listing.of(book)) do |now|
          kept = now.document[KEPT] || []
          next if kept.include?(key)

          document = now.document.with(KEPT, kept + [key])
          Store::Openings::Act.new(document:, columns: {},
            entries: [slip, *OnceMore.entries(now.document, document)].compact)
        end
        return told(:conflict, "changed meanwhile. Load the page again.") if change.outcome == :conflict

        told(:sure, "the same. Sure.", opening: @opening.with(change.opening), field:)
      end

      def replace(key, typed, seen, first:, slip:)
        field = field_of(key)
        posted = (field.kind == :pair) ? [field.texts(@opening.document[field.key]).first, typed] : typed
        result = Writing.new(@opening, who: @who, owner: @owner).write(field, posted, seen:)
        return told(:unread, result.note, opening: result.opening) unless %i[saved same].include?(result.outcome)

        result.opening.note(slip, who: @who)
        told(:other, "it was #{@opening.opening.printer.with_unit(first)} before. The second stands; the log has both.",
          opening: result.opening, field:)
      end

      # The field of a reading: a station is typed by the name it has in its list.
      def field_of(key)
        return Fields[FIRST_TAPED] if key == TAPE
        return Fields[key] unless key.start_with?(FLOOR)

        Fields[@opening.document.item_keys("survey.floor")[@readings.fetch(key).place]]
      end
    end
  end
end
