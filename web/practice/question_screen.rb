# frozen_string_literal: true

module YellowTrack
  module Web
    module Practice
      # A page that asks a question: the opening on its drawing with its readings, what is
      # known of the set, a field for each answer; and, once it is answered, each beside the
      # right one.
      class QuestionScreen < Web::Screen
        Reading = Struct.new(:key, :label, :text, :x, :y)
        GROUPS = %w[widths heights diagonals leans].freeze
        GRADES = {exact: "exact", good: "good", usable: "usable: it still goes in", wrong: "wrong"}.freeze
        PLACES = {"top" => "head", "bottom" => "floor"}.freeze

        def template = "practice/question"

        # @return [YellowTrack::Practice::Question]
        attr_reader :question
        # @return [Array<YellowTrack::Practice::Mark>, nil]
        attr_reader :marks

        def title = "#{drill::NAME}, practice"

        def drill = YellowTrack::Practice.drills.fetch(question.drill)

        def opening = nil

        def printer = question.opening.printer

        def unit = question.document["units"]

        # The drawing tells nothing that is asked: what the readings blame is in it once it is
        # answered.
        def shape
          told = done? || question.parts.none?(&:reading?)
          @shape ||= Drawing::Shape.new(question.opening.survey, told ? plan.closure : nil, printer)
        end

        # @return [Array<Reading>] where the tape was held
        def readings
          question.document["survey"].slice(*GROUPS).flat_map do |group, values|
            values.map do |place, value|
              key, label = "#{group}.#{place}", "#{group.chomp("s")}, #{PLACES.fetch(place, place)}"
              Reading.new(key, label, told(value), *shape.places[key])
            end
          end
        end

        # The part that a reading on the drawing is pressed for.
        #
        # @return [YellowTrack::Practice::Part, nil]
        def pressed(reading) = question.parts.find { |part| part.choice? && part.options.key?(reading.key) }

        # How far a place can be slid along the opening, and by how much, in its unit.
        def widest = in_unit(plan.working["survey.greatest_width"].value)

        def step = in_unit(question.grain)

        # Options of a part that stand nowhere on the drawing.
        def loose(part) = part.options.except(*readings.map(&:key))

        # Whether an option is what was answered.
        def chosen?(part, value) = typed_part(part) == value

        # What else is known: the floor, the covering, the set.
        #
        # @return [Hash{String => String}]
        def known
          survey, set = question.document.values_at("survey", "set")
          covering = survey["covering"]
          {"floor above its lowest" => survey["floor"].map { |_, rise| told(rise) }.join(" · "),
           "covering" => if covering["thickness"].zero?
                           "none"
                         else
                           "#{told(covering["thickness"])}, " \
                                        "#{covering["laid"] ? "laid already" : "still to come"}"
                         end,
           **set.slice("panels", "leaves").transform_values(&:to_s),
           **set.slice("lap", "width", "thickness", "inset").transform_values { |value| told(value) },
           **(set["half_jamb"] ? {"half jamb" => told(set["half_jamb"]["thickness"])} : {}),
           "kit" => question.opening.kit.name,
           **question.given.transform_values { |mm| printer.with_unit(mm) }}
        end

        def typed_part(part) = (@typed_parts || {})[part.key].to_s

        # What is wrong with what was typed for a part.
        def says_part(part)
          faults = fault.is_a?(Faults) ? fault.list : []
          faults.find { |one| one.key == part.key }&.words
        end

        def mark_of(part) = marks&.find { |mark| mark.part.key == part.key }

        def grade(mark) = GRADES.fetch(mark.grade)

        # "14 under", to the grain.
        def off(mark)
          far = mark.off
          return "" if mark.grade == :exact || mark.part.choice?

          "#{printer.with_unit(far.abs)} #{far.positive? ? "over" : "under"}"
        end

        def right(part) = shown_answer(part, part.answer)

        # What was answered, as it is read.
        def yours(mark) = shown_answer(mark.part, mark.given)

        def sum(part)
          entry = part.entry
          entry ? "#{entry.title}: #{entry.formula} = #{entry.sum(printer)} = #{entry.result(printer)}" : part.why
        end

        def file = Paths.practice(question.drill, "#{question.seed}.json", level: question.level)

        private

        def in_unit(mm) = Length.in_unit(mm, question.opening.units).to_f

        def shown_answer(part, value) = part.choice? ? part.options.fetch(value) : printer.with_unit(value)

        def plan = @plan ||= Plan.of(question.opening)

        def told(value) = printer.with_unit(Length.parse(value.to_s, unit: question.opening.units, signed: true).mm)
      end
    end
  end
end
