# frozen_string_literal: true

module YellowTrack
  module Web
    module Practice
      module Scenes
        # An opening with its readings, and what is known of the set.
        class OpeningScene < Scene
          GROUPS = %w[widths heights diagonals leans].freeze
          PLACES = {"top" => "head", "bottom" => "floor"}.freeze
          READ_THERE = %w[read-opening tightest which-once-more].freeze # drills
          SET = %w[lap width height thickness].freeze

          # What it is called to somebody who cannot see it.
          def label = "The opening and its readings"

          # The drill's own picture; of what is read off an opening, its shape. The drawing tells nothing that
          # is asked: what the readings blame is in it once it is answered.
          def shape
            told = @screen.done? || question.parts.none?(&:reading?)
            @shape ||= if read_there?
              Drawing::Shape.new(question.subject.survey, told ? plan.closure : nil, printer)
            else
              Drawing::DrillPicture.of(question.drill)
            end
          end

          # What stands over it.
          def caption = read_there? ? shape.caption : "#{shape.title}, not to scale"

          # Where the tape was held, where that is drawn.
          def readings = read_there? ? taken : []

          # Every reading, as it stands on a drawing of the opening.
          def taken
            places = Drawing::Shape.new(question.subject.survey, nil, printer).places
            question.document["survey"].slice(*GROUPS).flat_map do |group, values|
              values.map do |place, value|
                key, label = "#{group}.#{place}", "#{group.chomp("s")}, #{PLACES.fetch(place, place)}"
                Reading.new(key, label, told(value), *places[key])
              end
            end
          end

          # How far a place can be slid along the opening, and by how much, in its unit.
          def widest = in_unit(plan.working["survey.greatest_width"].value)

          # What a press moves a mark by, in the question's unit.
          def step = in_unit(question.grain)

          # What is slid along the floor until it is answered: its number among the parts, and
          # its label.
          #
          # @return [Hash{Integer => String}]
          def sliders
            return {} if @screen.done?

            question.parts.each_with_index.select { |part, _| part.kind == :place }
              .to_h { |part, place| [place, part.label] }
          end

          # Where a place was put, and where it goes, once it is answered: per cent of the
          # picture's width.
          #
          # @return [Hash{String => Integer}]
          def placed
            mark = @screen.marks&.find { |one| one.part.kind == :place } or return {}
            from, to = shape.feet
            whole = plan.working["survey.greatest_width"].value
            {"yours" => mark.given, "right" => mark.part.answer}
              .transform_values { |mm| (from + (to - from) * (mm / whole).clamp(0, 1)).round }
          end

          # What else is known, in words, by its name.
          def known = {**super, **(read_there? ? {} : of_readings), **of_survey, **of_set}

          private

          # Whether the readings themselves are what is asked about.
          def read_there? = READ_THERE.include?(question.drill)

          # Readings of a kind in one line.
          def of_readings
            question.document["survey"].slice(*GROUPS).to_h { |group, values|
              names = values.keys.map { |place| PLACES.fetch(place, place) }
              ["#{group}, #{names.join(" · ")}", values.values.map { |value| told(value) }.join(" · ")]
            }
          end

          def of_survey
            survey = question.document["survey"]
            covering = survey["covering"]
            {"floor above its lowest" => survey["floor"].map { |_, rise| told(rise) }.join(" · "),
             "covering" => if covering["thickness"].zero?
                             "none"
                           else
                             "#{told(covering["thickness"])}, " \
                                            "#{covering["laid"] ? "laid already" : "still to come"}"
                           end}
          end

          # The kit and what is chosen of the set, but for what is asked.
          def of_set
            set = question.document["set"]
            {**set.slice("panels", "leaves").transform_values(&:to_s),
              **set.slice(*SET).transform_values { |value| told(value) },
              **(set["half_jamb"] ? {"half jamb" => told(set["half_jamb"]["thickness"])} : {}),
              "kit" => question.subject.kit.name}
          end

          def plan = @plan ||= Plan.of(question.subject)

          def in_unit(mm) = Length.in_unit(mm, question.subject.units).to_f

          def told(value) = printer.with_unit(Length.parse(value.to_s, unit: question.subject.units, signed: true).mm)
        end
      end
    end
  end
end
