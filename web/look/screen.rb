# frozen_string_literal: true

module YellowTrack
  module Web
    module Look
      # Look: what is said of a door, one question at a time, what it still can be.
      class Screen < ServiceScreen
        CHECKS = %w[service.safe service.danger service.unsure service.insects service.again].freeze
        HOW = {"ask" => "ask", "look" => "look", "measure" => "measure"}.freeze
        SHOWN = 4 # causes, the others behind a press
        HAS = %w[has.neighbour has.damper has.half_jamb has.infill].freeze
        APART = 6 # causes that are told apart

        # A cause as it stands, with why in words.
        Bar = Struct.new(:standing, :for, :against, :house, :kit, :wrong) do
          # The cause whose bar it is.
          def cause = standing.cause

          # Its share in whole per cent.
          def per_cent = (standing.share * 100).round
        end

        # Pieces that are drawn anew after a save, by their templates.
        def renewed = ["look/board"]

        # Whether its checks stand apart from what they concern: they do not.
        def says_apart? = false

        # The place of the drawing that is looked at.
        def place = @place ||= knowledge.places.keys.find { |name| name == params["place"] } || place_chosen || "foot"

        # Places of a set where it can trouble.
        def places = knowledge.places.keys

        # A set as others hung it, to be pressed where it troubles.
        def picture = Drawing::HungSet.new(opening.kit.manner, panels, leaf: service["leaf"])

        # Whether something is said at a place.
        def said_at?(name) = (knowledge.places.fetch(name) & service.symptoms).any?

        # Symptoms that can be said there.
        def symptoms_here = symptoms_of(knowledge.places.fetch(place))

        # Everything that can be said of such a door.
        def all_symptoms = symptoms_of(knowledge.symptoms.keys)

        # Whether that is said of this one.
        def chosen?(symptom) = service.symptoms.include?(symptom.key)

        # The list once a symptom is said, or taken back.
        def toggled(symptom)
          list = service.symptoms
          (chosen?(symptom) ? list - [symptom.key] : list + [symptom.key]).then do |left|
            left.empty? ? Desk::Field::NONE : left.join("; ")
          end
        end

        # What is looked at before anything is asked.
        def first_looks = service.symptoms.map { |key| knowledge.symptoms.fetch(key).first }

        # What was answered, in the order found.
        #
        # @return [Array<FieldRow>]
        def asked
          service.findings.keys.map { |key| knowledge.findings.fetch(key) }.select { |one| fits?(one) }
            .map { |finding| field("service.findings.#{finding.key}") }
        end

        # Minutes of what was asked so far.
        def minutes = minutes_of(diagnosis.minutes)

        # Minutes as they are told: "2", "0.5".
        def minutes_of(number) = number.to_f.round(1).to_s.delete_suffix(".0")

        # @return [Diagnosis::Question, nil]
        def question = diagnosis.next

        # How a finding is found, in words.
        def how(finding) = HOW.fetch(finding.how)

        # What a finding needs; nil for a hand and an eye.
        def needs(finding) = {"tool" => "a tool", "door off" => "the door off"}[finding.needs]

        # Minutes of a finding as the door hangs now.
        def cost(finding) = minutes_of(finding.cost(diagnosis.down?))

        # Answers to press, in words; of a length none.
        def answers(finding) = finding.length? ? {} : diagnosis.answers(finding).to_h { |one| [one, one.tr("_", " ")] }

        # What it would tell apart: the first two whose likeliest answers differ.
        def apart(finding)
          likely = diagnosis.causes.first(APART).map do |one|
            [one.cause, diagnosis.likelihoods.of(finding, one.cause).max_by(&:last).first]
          end
          one, other = likely.combination(2).find { |(_, some), (_, another)| some != another }
          one && "Tells “#{one.first.label}” from “#{other.first.label}”."
        end

        # Any other that can be answered out of order.
        #
        # @return [Array<FieldRow>]
        def others
          (diagnosis.askable - [question&.finding]).map { |finding| field("service.findings.#{finding.key}") }
        end

        # What would still tell the first two apart, once asking has ended.
        def still_apart
          return [] if diagnosis.named?

          diagnosis.askable.select { |finding| apart(finding) && diagnosis.belief.drop(finding) > 0.01 }.first(3)
        end

        # @return [Array<Bar>] the likeliest first
        def bars = @bars ||= diagnosis.causes.map { |one| bar(one) }

        # Bars that are shown at once.
        def shown = bars.first(SHOWN)

        # Bars that are folded away.
        def rest = bars.drop(SHOWN)

        # What the asking has come to, in a sentence.
        def stands
          first = diagnosis.first
          case diagnosis.state
          when "asking" then "Named at 80 %."
          when "proving" then "Named: #{first.cause.label}. Still to be proved, as long as the door hangs."
          when "named" then "Named: #{first.cause.label}."
          else "Nothing more tells much. Mend in this order, asking again after each: #{in_order}."
          end
        end

        # @return [Diagnosis::Quarrel, nil]
        def quarrel = diagnosis.quarrel

        # A finding with its answer, in short.
        def told(finding, answer) = "#{finding.key.tr("_", " ")}: #{answer.tr("_", " ")}"

        # The sum of a cause's share.
        #
        # @return [Array<Working::Entry>, nil]
        def sums(key)
          standing = diagnosis&.causes&.find { |one| one.cause.key == key }
          standing && YellowTrack::Diagnosis::Sums.of(diagnosis, standing.cause)
        end

        # Fields of what the set has.
        def has_fields = fields("leaves", "leaf", *HAS, "propped", "down")

        # Fields of what was read as it was found.
        def found_fields = fields(*[*Desk::ServiceFields::READINGS.keys, "pull"].map { |key| "found.#{key}" })

        private

        def panels
          set = opening.opening
          service["leaves"] || set["panels"] || set["leaves"] || set["pattern"]&.length || 2
        end

        def place_chosen = knowledge.places.keys.find { |name| said_at?(name) }

        def symptoms_of(keys)
          keys.filter_map { |key| knowledge.symptoms[key] }
            .select { |one| one.if.nil? || service.things.include?(one.if) }
        end

        def fits?(finding) = diagnosis.fitting.include?(finding)

        def bar(standing)
          answers = diagnosis.taken.to_h { |one| [one.finding.key, told(one.finding, one.answer)] }
          key = standing.cause.key
          Bar.new(standing, standing.for.map { |one| answers[one] }, standing.against.map { |one| answers[one] },
            service.learnt.in_house(key), service.learnt.with_kit(key), service.learnt.wrong(key))
        end

        def in_order
          diagnosis.causes.first(3).sort_by { |one| -one.share / one.cause.minutes }
            .map { |one| one.cause.label.downcase }.join(", then ")
        end
      end
    end
  end
end
