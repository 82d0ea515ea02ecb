# frozen_string_literal: true

module YellowTrack
  module Web
    module Built
      # What openings with a kit teach of its sheet: its drop, its screws; offered as a copy
      # of the sheet, never changed by itself.
      class KitRecord < Web::Screen
        include Telling

        # @return [YellowTrack::Kit]
        attr_reader :kit

        # @param kit [YellowTrack::Kit] whose record it is
        def initialize(book, kit, **rest)
          super(book, **rest)
          @kit = kit
          @record = Desk::Record.of_kit(book, kit.id)
        end

        # The template that it is drawn with.
        def template = "built/kit"

        # What stands in the window's own line.
        def title = "#{kit.name} as built"

        # Openings with this kit, each with what was taken.
        def openings = @record.items

        # What was taken in all of them, one after the other.
        def all = openings.flat_map(&:last)

        # Lessons in words, with the figure that a copy of the sheet would have.
        #
        # @return [Array<Array(String, Hash)>]
        def lessons
          [[@record.drop, "drop", :drop_words], [@record.per_turn(kit), "per_turn", :turn_words]]
            .filter_map { |lesson, name, words| lesson && [send(words, lesson), {name => figure(lesson)}] }
        end

        private

        def fine = Length::Printer.fine(:mm)

        # What the sheet would say.
        def figure(lesson)
          Numbers.plain((lesson.key == "drop") ? kit.fetch("drop") + lesson.value : lesson.value)
        end

        def drop_words(lesson)
          "Its drop came out #{fine.with_unit(lesson.value.abs)} #{lesson.value.positive? ? "more" : "less"}, " \
            "#{often(lesson)}."
        end

        def turn_words(lesson)
          "A turn came to #{fine.with_unit(lesson.value)}, #{often(lesson)}; the sheet says " \
            "#{fine.with_unit(kit["adjust.per_turn"])}."
        end
      end
    end
  end
end
