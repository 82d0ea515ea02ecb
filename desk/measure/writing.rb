# frozen_string_literal: true

module YellowTrack
  module Desk
    # Saves what was typed in one field, and says what came of it. Nothing typed
    # is lost: what cannot be saved is kept as a draft of whoever typed it. What is
    # checked is what is saved, in one transaction.
    class Writing
      # opening as it stands now; note, a sentence for the field, or nil;
      # before, the value that was emptied, or nil; meanwhile, changes not
      # seen by whoever typed; turned, whether by it all readings that make a set
      # are there, or not all any more.
      Result = Struct.new(:opening, :outcome, :note, :before, :meanwhile, :turned, keyword_init: true)

      # A value that cannot be read.
      class Unread < StandardError; end

      # @param opening [Opening]
      # @param who [String] types
      # @param owner [String] of his drafts
      def initialize(opening, who:, owner:)
        @opening, @who, @owner = opening, who, owner
      end

      # @param field [Field]
      # @param posted [String, Array<String>, Hash] as it was typed
      # @param unit [Symbol] in which the field was printed
      # @param seen [Integer] the version on the screen it was typed on
      # @param overrule [Boolean] save it over a change not seen
      # @return [Result]
      def write(field, posted, seen:, unit: own, overrule: false)
        put(field, field.value(posted, unit:, own:), posted, seen:, unit:, overrule:)
      end

      # Gives up what was typed; the saved value stands.
      def forget(field)
        book.drafts.clear(@opening.id, field.key, owner: @owner)
        Result.new(opening: @opening, outcome: :same, meanwhile: [])
      end

      # Puts back what stood there before the last change.
      def put_back(field, seen:)
        before = book.log.before(@opening.id, field.key)
        put(field, before, field.texts(before), seen:, unit: own, overrule: false)
      end

      private

      def book = @opening.book

      # The unit that the opening was measured in.
      def own = @opening.opening.units

      def put(field, value, posted, seen:, unit:, overrule:)
        draft = {owner: @owner, seen:, unit:}
        @carried, change = Carried.new(@opening), nil
        result = book.transaction do
          change = commit(field, value, seen, overrule:)
          (change.outcome == :conflict) ? clash(field, value, posted, change:, draft:) : saved(field, value, change)
        rescue Unread => e
          book.drafts.keep(@opening.id, field.key, posted, says: e.message, **draft)
          Result.new(opening: @opening.with(book.openings.find(@opening.id)), outcome: :unread, note: e.message,
            meanwhile: [])
        end
        @carried.keep(change.opening, change.last) if result.outcome == :saved
        result
      end

      # Gaps are read of what hangs: the opening has come to that.
      def commit(field, value, seen, overrule:)
        book.openings.commit(@opening.id, who: @who, seen:, key: field.key, overrule:,
          listing: method(:listed)) do |now|
          next if field.same?(now.document[field.key], value, own:)

          document = OnceMore.without(changed(now.document, field.key, value), field.key)
          document = DoorService::Changes.told(document, field.key)
          other = other_place(now, field.key)
          document = document.with(other, value) if other
          reckoned = checked(document, field)
          columns = field.key.start_with?("hung.") ? {stage: Stage.later(now.stage, "adjust")} : {}
          key = document.settled(field.key)
          entries = [*OnceMore.entries(now.document, document),
            {kind: kind_of(key), key:, before: now.document[key], after: value}, *built(now.document, document),
            *also(now.document, other, value), *DoorService::Changes.asked_anew(now.document, document, key)]
          @carried.over(now, entries, reckoned)
          Store::Openings::Act.new(document:, columns:, entries:)
        end
      end

      # Where else a gap stands that hangs as it was found; nil for nowhere.
      def other_place(now, key)
        DoorService::OneGap.new(@opening.with(now)).other(key) if DoorService::OneGap.gap?(key)
      end

      # What the log tells of the other place of a reading; nothing where it has one alone.
      def also(before, other, value)
        other ? [{kind: "reading", key: other, before: before[other], after: value}] : []
      end

      # A reading of what stands ends what was only planned.
      #
      # @raise [Unread] for a layer with none under it
      def changed(document, key, value)
        return document.with(key, value) unless stands?(document, key, value)

        document.with(key, value).with("survey.planned", nil)
      rescue KeyError
        raise Unread, "Nothing stands before it. Fill in the one before it first."
      end

      # What the log tells of an opening that is no longer only planned.
      def built(before, after)
        planned = "survey.planned"
        return [] if before[planned] == after[planned]

        [{kind: "reading", key: planned, before: before[planned], after: after[planned]}]
      end

      def stands?(document, key, value)
        document["survey.planned"] && !value.nil? &&
          key.start_with?(*Planned::READ.map { |reading| "survey.#{reading}" })
      end

      # The columns of the opening as written; it lies on the desk from now on.
      def listed(row) = Listing.columns(@after = @carried.to(row))

      # The opening as it stands after a change.
      def after(change) = (change.outcome == :saved) ? @after : @opening.with(change.opening)

      def kind_of(key) = key.start_with?("set.") ? "choice" : "reading"

      # The whole document with the value is read, and the faults under its key are
      # its own.
      #
      # @return [Reckoned] what it comes to
      # @raise [Unread] saying what is wrong with it
      def checked(document, field)
        Reckoned.of(document.to_h).tap { |reckoned| Stretch.check(reckoned.opening, field.key) }
      rescue Faults => e
        place = place_of(document, field.key)
        own = e.list.select { |fault| "#{plain(fault.key)}.".start_with?("#{place}.") }
        raise Unread, own.empty? ? e.message : own.map(&:words).uniq.join(" ")
      end

      # Where a value stands in the opening file: an item of a list by its place.
      def place_of(document, key)
        list = Store::Document::ITEM.match(key)&.[](1) or return key
        "#{list}.#{document.item_keys(list).index(document.settled(key))}"
      end

      def plain(key) = key.to_s.gsub(/\[(\d+)\]/, '.\1')

      def clash(field, value, posted, change:, draft:)
        other = change.meanwhile.reverse.find { |entry| entry.key == field.key }
        says = "Changed meanwhile#{" from #{told(field, other.before)} to #{told(field, other.after)}" if other}. " \
          "You typed #{told(field, value)}."
        book.drafts.keep(@opening.id, field.key, posted, says:, clash: true, **draft)
        now = book.openings.find(@opening.id) # with what was just kept of it
        Result.new(opening: @opening.with(now), outcome: :conflict, note: says, meanwhile: change.meanwhile)
      end

      def saved(field, value, change)
        book.drafts.clear(@opening.id, field.key, owner: @owner) unless change.opening.drafted == 0
        before = @opening.document[field.key] if change.outcome == :saved && value.nil?
        now = after(change)
        Result.new(opening: now, outcome: change.outcome, before:, meanwhile: change.meanwhile,
          turned: now.survey.complete? != @opening.survey.complete?)
      end

      def told(field, value)
        text = field.texts(value).compact.reject(&:empty?).join(" – ")
        text.empty? ? "nothing" : text
      end
    end
  end
end
