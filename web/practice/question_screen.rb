# frozen_string_literal: true

require "forwardable"

module YellowTrack
  module Web
    module Practice
      # A page that asks a question: what is given on its drawing, a field for each answer;
      # and, once it is answered, each beside the right one.
      class QuestionScreen < Web::Screen
        extend Forwardable

        GRADES = {exact: "exact", good: "good", usable: "usable: it still goes in", wrong: "wrong"}.freeze
        # Of answers that no length says the error of.
        OTHER_GRADES = {turns: {usable: "usable: it took more moves"},
                        bars: {usable: "usable: it costs more", good: "good: more bars, or a shorter offcut"},
                        cause: {usable: "right, and dear", good: "right, and a little dear"},
                        layers: {usable: "usable: it is more work, or lies farther under"}}.freeze

        def_delegators :scene, :readings, :known

        # The template that it is drawn with.
        def template = "practice/question"

        # @return [YellowTrack::Practice::Question]
        attr_reader :question
        # @return [Array<YellowTrack::Practice::Mark>, nil]
        attr_reader :marks
        # @return [Array<String>] what was done so far, where it is played
        attr_reader :steps

        # What stands in the window's own line.
        def title = "#{drill::NAME}, practice"

        # The drill that it is of.
        def drill = YellowTrack::Practice::Drills.all.fetch(question.drill)

        # None: its opening is made up.
        def opening = nil

        # @return [Scene]
        def scene = @scene ||= Scene.of(self)

        # What its lengths are written with.
        def printer = @printer ||= Length::Printer.derived(question.unit, question.grain)

        # The unit that its lengths are typed in.
        def unit = question.units

        # The part that a reading on the drawing is pressed for.
        #
        # @return [YellowTrack::Practice::Part, nil]
        def pressed(reading) = question.parts.find { |part| part.choice? && part.options.key?(reading.key) }

        # The template of its field: a cause is chosen as anything else is.
        def field_of(part) = (part.kind == :cause) ? :choice : part.kind

        # Options of a part that stand nowhere on the drawing.
        def loose(part) = part.reading? ? part.options.except(*readings.map(&:key)) : part.options

        # Whether an option is what was answered.
        def chosen?(part, value) = typed_part(part) == value

        # What was typed for a part.
        def typed_part(part) = (@typed_parts || {})[part.key].to_s

        # Of an answer in several: what was chosen at a place.
        def typed_at_place(part, place) = typed_part(part).split[place].to_s

        # What is wrong with what was typed for a part.
        def says_part(part) = says_of(part.key)

        # What is wrong with anything else: a step.
        def says_step
          (fault.is_a?(Fault) && question.parts.none? { |part| part.key == fault.key }) ? fault.words : nil
        end

        # A part's mark; nil while it is not marked.
        def mark_of(part) = marks&.find { |mark| mark.part.key == part.key }

        # A mark's grade in words.
        def grade(mark) = OTHER_GRADES.dig(mark.part.kind, mark.grade) || GRADES.fetch(mark.grade)

        # "14 under", to the grain.
        def off(mark)
          far = mark.told_off
          return "" if far.nil? || far.zero? || mark.grade == :exact

          "#{printer.with_unit(far.abs)} #{far.positive? ? "over" : "under"}"
        end

        # The right answer of a part, in words.
        def right(part) = shown_answer(part, part.answer)

        # What was answered, as it is read.
        def yours(mark) = shown_answer(mark.part, mark.given)

        # The sum of the right answer; nil where no sum says it.
        def sum(part)
          entry = part.entry
          [entry&.line(printer), part.why].compact.join("; ")
        end

        # Where its file is.
        def file = Paths.practice(question.drill, "#{question.seed}.json", level: question.level)

        # Where its drill is taught.
        def learn = Paths.practice(question.drill, "learn")

        # The command that reads its file.
        def command = "bin/#{question.file}"

        private

        def says_of(key) = faults.find { |one| one.key == key }&.words

        def shown_answer(part, value)
          case part.kind
          when :choice then part.options.fetch(value)
          when :count then value.to_s
          when :layers then value.map { |layer| Numbers.plain(layer) }.join(" + ")
          when :turns, :bars, :cause then scene.said(value)
          else printer.with_unit(value)
          end
        end
      end
    end
  end
end
