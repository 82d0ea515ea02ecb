# frozen_string_literal: true

module YellowTrack
  module Web
    module Practice
      # A page that asks a question: the opening on its drawing with its readings, what is
      # known of the set, a field for each answer; and, once it is answered, each beside the
      # right one.
      class QuestionScreen < Web::Screen
        Reading = Struct.new(:label, :text, :x, :y)
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

        def shape = @shape ||= Drawing::Shape.new(question.opening.survey, plan.closure, printer)

        # @return [Array<Reading>] where the tape was held
        def readings
          %w[widths heights].flat_map do |kind|
            question.document["survey"][kind].map do |place, value|
              label = "#{kind.chomp("s")}, #{PLACES.fetch(place, place)}"
              Reading.new(label, told(value), *shape.places["#{kind}.#{place}"])
            end
          end
        end

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
          return "" if mark.grade == :exact

          "#{printer.with_unit(far.abs)} #{far.positive? ? "over" : "under"}"
        end

        def right(part) = printer.with_unit(part.answer)

        def sum(part) = "#{part.entry.title}: #{part.entry.formula} = #{part.entry.sum(printer)}"

        def file = Paths.practice(question.drill, "#{question.seed}.json", level: question.level)

        private

        def plan = @plan ||= Plan.of(question.opening)

        def told(value) = printer.with_unit(Length.parse(value.to_s, unit: question.opening.units).mm)
      end
    end
  end
end
