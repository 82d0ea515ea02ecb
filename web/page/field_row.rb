# frozen_string_literal: true

module YellowTrack
  module Web
    # A field as it is shown on a page: what stands in it, in which unit, and what
    # is to be said of it.
    class FieldRow
      # @return [Array(Integer, Integer), nil] per cent of a drawing
      attr_reader :at
      # @return [Desk::Field]
      attr_reader :field

      # @param screen [OpeningScreen]
      # @param field [Desk::Field]
      def initialize(screen, field, at: nil, placeholder: nil)
        @screen, @field, @at = screen, field, at
        @placeholder = placeholder
      end

      # Where its value stands in the opening.
      def key = field.key

      # An id for the page.
      def id = @id ||= field.id

      # What it takes: a length, a choice, a layer ….
      def kind = field.kind

      # What it is called.
      def label = field.label

      # What is said beside its name; nil for nothing.
      def hint = field.hint

      # What its two halves are called; nil for a field of one.
      def halves = field.halves

      # What was typed and could not be taken; nil for nothing.
      def draft = @draft ||= @screen.drafts[key]

      # What was typed last and is not saved, else what is saved.
      #
      # @return [Array<String>] one for each of its inputs
      def texts = @texts ||= draft ? field.texts(draft.typed) : saved_texts

      # Its value as it is saved.
      def saved = @screen.opening.document[key]

      # The unit that it is printed in; the form posts it.
      def unit = draft ? draft.unit : @screen.opening.shown.to_s

      # Phones: digits for millimetres; inches need marks and spaces.
      def keyboard = (unit == "mm" && %i[texts text lengths found].none?(kind)) ? "decimal" : "text"

      # What stands in it while it is empty.
      def placeholder = @placeholder || @screen.placeholder_of(key)

      # @return [Hash{String => String}] value to words
      def options = @options ||= @screen.options_of(field)

      # Whether what is chosen is among what is offered.
      def offered? = options.key?(texts.first)

      # Whether it can be left open: a fact that is not read again.
      def optional? = kind == :yes_no || key.start_with?("survey.head.", "service.")

      # What stands for nothing chosen.
      def nothing_chosen = placeholder || (optional? ? "not said" : "as usual")

      # The two schools that a choice settles, where it is one.
      def school
        return unless key.start_with?("set.")

        Files::HouseRules.school(key.delete_prefix("set.").delete_suffix(".thickness"), @screen.opening.opening.family)
      end

      # Its classes: its kind, and where it stands on the drawing.
      def css
        place = at ? " at x#{at[0]} y#{at[1]}#{" from-right" if at[0] > 70}" : ""
        "field field-#{kind}#{place}#{" unread" if @screen.unread?(key)}"
      end

      # Whether the closure blames it.
      def suspect? = @screen.suspect?(key)

      # How far a suspect reading would be out.
      def slip
        @screen.opening.printer.with_unit(@screen.opening.closure.residuals.fetch(key.delete_prefix("survey.")).slip
          .abs)
      end

      # What stood there before it was emptied just now.
      #
      # @return [String, nil]
      def emptied
        return unless @screen.written&.key == key

        @screen.result.before&.then { |before| joined(field.texts(before)) }
      end

      # Words of the button that gives up a draft.
      def keep_words = joined(saved_texts).then { |text| text.empty? ? "Clear it" : "Keep #{text}" }

      # The page, version and stage that its form names.
      def seen = @screen.version

      # Where it is sent.
      def path = @screen.values_path

      # The stage that it is typed on.
      def stage = @screen.stage

      private

      def saved_texts
        opening = @screen.opening
        field.texts(saved, shown: opening.shown, own: opening.opening.units)
      end

      def joined(texts) = texts.compact.reject(&:empty?).join(" – ")
    end
  end
end
