# frozen_string_literal: true

module YellowTrack
  module Web
    # Saves what was typed in one field, and says what came of it. Nothing
    # typed is lost: what cannot be saved is kept as a draft in its place.
    class Writing
      # opening as it stands now; note, a sentence for the field, or nil;
      # before, the value that was emptied, or nil; meanwhile, changes not
      # seen by whoever typed.
      Result = Struct.new(:opening, :outcome, :note, :before, :meanwhile, keyword_init: true)

      # @param book [Store::Book]
      # @param row [Store::Openings::Opening]
      # @param who [String] types
      def initialize(book, row, who:)
        @book = book
        @row = row
        @who = who
      end

      # @param field [Field]
      # @param posted [String, Array<String>] as it was typed
      # @param seen [Integer] the version on the screen it was typed on
      # @param overrule [Boolean] save it over a change not seen
      # @return [Result]
      def write(field, posted, seen:, overrule: false)
        value = field.value(posted)
        fault = fault_of(field, value)
        return unread(field, posted, fault) if fault

        change = @book.openings.change(@row.id, field.key, value, seen:, overrule:, who: @who) do |document|
          Work.columns(document, stage(field))
        end
        (change.outcome == :conflict) ? clash(field, posted, value, change) : saved(field, value, change)
      end

      # Gives up what was typed; the saved value stands.
      def forget(field)
        @book.drafts.clear(@row.id, field.key)
        Result.new(opening: @row, outcome: :same, meanwhile: [])
      end

      # Puts back what stood there before the last change.
      def put_back(field, seen:)
        write(field, field.texts(@book.log.before(@row.id, field.key)).compact, seen:)
      end

      private

      # Gaps are read of what hangs: the opening has come to that.
      def stage(field) = field.key.start_with?("hung.") ? Work.later(@row.stage, "adjust") : @row.stage

      # What is wrong with a value, in a sentence: the whole document with it
      # is read, and the faults under its key are its own.
      def fault_of(field, value)
        Worked.of(@row.document.with(field.key, value).to_h)
        nil
      rescue Faults => e
        own = e.list.select { |fault| plain(fault.key).start_with?(field.key) }
        own.empty? ? e.message : own.map(&:words).uniq.join(" ")
      rescue KeyError
        "That place in the list is taken away. Type it in the last row."
      end

      def plain(key) = key.to_s.gsub(/\[(\d+)\]/, '.\1')

      def unread(field, posted, fault)
        @book.drafts.keep(@row.id, field.key, posted, fault)
        Result.new(opening: @row, outcome: :unread, note: fault, meanwhile: [])
      end

      def clash(field, posted, value, change)
        other = change.meanwhile.reverse.find { |entry| entry.key == field.key }
        says = "Changed meanwhile#{" from #{shown(field, other.before)} to #{shown(field, other.after)}" if other}. " \
          "You typed #{shown(field, value)}."
        @book.drafts.keep(@row.id, field.key, posted, says, clash: true)
        Result.new(opening: change.opening, outcome: :conflict, note: says, meanwhile: change.meanwhile)
      end

      def saved(field, value, change)
        @book.drafts.clear(@row.id, field.key)
        before = @row.document[field.key] if change.outcome == :saved && value.nil?
        Result.new(opening: change.opening, outcome: change.outcome, before:, meanwhile: change.meanwhile)
      end

      def shown(field, value)
        text = field.texts(value).compact.reject(&:empty?).join(" – ")
        text.empty? ? "nothing" : text
      end
    end
  end
end
