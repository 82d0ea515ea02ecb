# frozen_string_literal: true

module YellowTrack
  module Web
    module Look
      # Look: what is said of a door, one question at a time, what it still can be.
      class Screen < ServiceScreen
        CHECKS = %w[service.safe service.danger service.insects service.again].freeze
        HOW = {"ask" => "ask", "look" => "look", "measure" => "measure"}.freeze
        SHOWN = 4 # causes, the others behind a press
        APART = 6 # causes that are told apart
        BY_HAND = 4 # findings that are looked at by hand where no cause fits
        EXCLUDED = 6 # causes that are told as excluded, the others behind a press
        LIKELY = 0.1 # share from which parts of a cause are brought along
        BACK = 2 # times that a cause held here, from which it is told
        # What a thing of the set is called: nobody knows, it is there, it is not.
        HAS = {
          "neighbour" => ["another beside it?", "another beside it", "none beside it"],
          "damper" => ["soft close?", "soft close", "no soft close"],
          "half_jamb" => ["half jamb?", "half jamb", "no half jamb"],
          "infill" => ["glass, loose infill?", "glass, loose infill", "no glass"]
        }.freeze
        NEXT = {nil => "yes", true => "no", false => "unknown"}.freeze # what a press makes of it

        # A thing of the set, as it is pressed: what it is called as it stands, the state, and what a press says.
        Has = Struct.new(:key, :words, :state, :pressed) do
          # What it is called, for somebody who cannot see how it is drawn.
          def told = {true => "there", false => "not there"}.fetch(state, "not known")
        end

        # A cause as it stands, with why in words.
        Bar = Struct.new(:standing, :for, :against, :house, :kit, :wrong, :shift) do
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
        def picture
          Drawing::HungSet.new(opening.kit.manner, panels, leaf: service["leaf"],
            has: service.things.select { |_, there| there }.keys)
        end

        # Things that matter to such a door, each a press: there, not there, not known.
        #
        # @return [Array<Has>]
        def things
          knowledge.things.values.select { |thing| matters?(thing) }.map do |thing|
            state = service.things[thing.key]
            Has.new(thing.key, HAS.fetch(thing.key)[{nil => 0, true => 1, false => 2}.fetch(state)], state,
              NEXT.fetch(state))
          end
        end

        # Whether it is asked by telephone.
        def phone? = service["phone"] == true

        # What a telephone call is for: who is sent and what he brings, by the causes that are likely yet.
        #
        # @return [Struct] parts, hands, minutes
        def to_bring
          causes = diagnosis.mends
          causes = likely if causes.empty?
          {parts: causes.flat_map(&:parts).uniq, hands: causes.map(&:hands).max, minutes: causes.map(&:minutes).max}
        end

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

        # What was answered, the last first.
        #
        # @return [Array<FieldRow>]
        def asked
          service.findings.keys.reverse.map { |key| knowledge.findings.fetch(key) }.select { |one| fits?(one) }
            .map { |finding| field("service.findings.#{finding.key}") }
        end

        # Minutes of what was asked so far.
        def minutes = minutes_of(diagnosis.minutes)

        # Minutes as they are told: "2", "0.5".
        def minutes_of(number) = number.to_f.round(1).to_s.delete_suffix(".0")

        # @return [Diagnosis::Question, nil]
        def question = diagnosis.next

        # How it is found, in words; of a thing it is asked.
        def how(question) = question.finding ? HOW.fetch(question.finding.how) : "ask"

        # Whether an answer came by telephone.
        def by_phone?(key) = service.told.include?(key.delete_prefix("service.findings."))

        # What a finding needs; nil for a hand and an eye.
        def needs(finding) = {"tool" => "a tool", "door off" => "the door off"}[finding.needs]

        # Minutes of a question as the door hangs now.
        def cost(question) = minutes_of(question.finding ? question.finding.cost(diagnosis.down?) : question.minutes)

        # Answers to press, in words; of a length none.
        def answers(finding) = finding.length? ? {} : diagnosis.answers(finding).to_h { |one| [one, one.tr("_", " ")] }

        # What it would tell apart: the first two whose likeliest answers differ.
        def apart(finding)
          likely = known_causes.first(APART).map do |one|
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

        # @return [Array<Bar>] the likeliest first
        def bars = @bars ||= diagnosis.causes.map { |one| bar(one) }

        # Bars that are shown at once: that of none of them always.
        def shown = bars.select.with_index { |one, place| place < SHOWN || one.cause.none? }

        # Bars that are folded away.
        def rest = bars - shown

        # What the asking has come to, in a sentence.
        def stands
          case diagnosis.state
          when "asking" then "Named from #{per_cent(YellowTrack::Diagnosis::Ending::NAMED)} on."
          when "proving" then proving
          when "named" then "Named: #{diagnosis.first.cause.label}."
          when "few" then "A few are left. Mend in this order; ask again after each."
          else "None of these fits. Look by hand."
          end
        end

        # Why nothing more is asked.
        def why_ended
          {"none" => "What was found fits none of the known causes.",
           "not_known" => "Four answers were not known: whoever can look has to look.",
           "long" => "Twelve things were asked: more of them tells no more.",
           "nothing_tells" => "Nothing more that can be asked tells much."}[diagnosis.ended]
        end

        # What is mended, one after the other: the cause, and its share.
        #
        # @return [Array<Bar>]
        def few = diagnosis.mends.map { |cause| bars.find { |one| one.cause == cause } }

        # Bars of the causes that what was found excludes, the oftenest of such doors first.
        #
        # @return [Array<Bar>]
        def excluded
          bars.select { |one| diagnosis.excluded.include?(one.cause) }.sort_by { |one| -one.standing.first }
        end

        # What is looked at by hand where no cause fits: what tells most yet, whatever it costs.
        #
        # @return [Array<Diagnosis::Finding>]
        def by_hand
          diagnosis.askable.reject { |finding| finding.how == "ask" }
            .max_by(BY_HAND) { |finding| diagnosis.belief.drop(finding) }
        end

        # Whether the firm may take what it was into its own book.
        def own_book? = !service["was"].nil? && (cause.nil? || cause.none?)

        # The firm's own book, for what was found here.
        #
        # @return [Desk::FirmsOwn]
        def firms_own = Desk::FirmsOwn.new(opening)

        # @return [Diagnosis::Quarrel, nil]
        def quarrel = diagnosis.quarrel

        # Each answer with its share of the quarrel, in whole per cent, the worst first.
        #
        # @return [Array<Array(Diagnosis::Taken, Integer)>]
        def quarrelling
          lacks = quarrel.lacks
          lacks.sort_by { |_, bits| -bits }.map { |one, bits| [one, (bits / quarrel.bits * 100).round] }
            .select { |_, share| share.positive? }
        end

        # A finding with its answer, in short.
        def told(finding, answer) = "#{finding.key.tr("_", " ")}: #{answer.tr("_", " ")}"

        # How often a cause held here and with this kit, from the second time on; how often it proved wrong; what the
        # firm's counts make of its share.
        #
        # @param bar [Bar]
        # @return [Array<String>]
        def named_before(bar)
          house, kit = bar.house, bar.kit
          [("held in this house #{house.join(" of ")}" if house[0] >= BACK),
            ("with this kit #{kit.join(" of ")}" if kit[0] >= BACK),
            ("proved wrong #{bar.wrong}" if bar.wrong.positive?),
            ("the firm's mends: × #{bar.shift.round(2)}" if (bar.shift - 1).abs >= 0.05)].compact
        end

        # What stands in a field of a refused form, else as usual.
        def typed_or(name, usual = "") = (refused?("own") && params.key?(name)) ? typed_at(name) : usual

        # Whether a choice of the firm's own book is ticked: all of them, until it was refused.
        def ticked?(name, key) = !refused?("own") || Array(params[name]).include?(key)

        # The sum of a cause's share.
        #
        # @return [Array<Working::Entry>, nil]
        def sums(key)
          standing = diagnosis&.causes&.find { |one| one.cause.key == key }
          standing && YellowTrack::Diagnosis::Sums.of(diagnosis, standing.cause)
        end

        # Fields of what the set has.
        def has_fields = fields("leaves", "leaf", "propped", "down")

        # Fields of what was read as it was found.
        def found_fields = fields(*[*Desk::ServiceFields::READINGS.keys, "pull"].map { |key| "found.#{key}" })

        private

        # What is all but named, and what it wants still.
        def proving
          name = diagnosis.first.cause.label
          return "Named: #{name}. Still to be proved." if diagnosis.taken.any?

          "Likeliest by far: #{name}. Nothing is found yet that speaks for it."
        end

        def panels
          set = opening.opening
          service["leaves"] || set["panels"] || set["leaves"] || set["pattern"]&.length || 2
        end

        def place_chosen = knowledge.places.keys.find { |name| said_at?(name) }

        def symptoms_of(keys)
          keys.filter_map { |key| knowledge.symptoms[key] }
            .select { |one| service.sayable?(one) }
        end

        def fits?(finding) = diagnosis.fitting.include?(finding)

        # Whether a thing has a say in such doors: a cause, a symptom or a finding needs it.
        def matters?(thing)
          [knowledge.causes, knowledge.findings, knowledge.symptoms]
            .any? { |all| all.each_value.any? { |one| one.if == thing.key } }
        end

        def known_causes = diagnosis.causes.reject { |one| one.cause.none? }

        def likely = known_causes.select { |one| one.share >= LIKELY }.map(&:cause)

        def per_cent(share) = "#{(share * 100).round} %"

        def bar(standing)
          answers = diagnosis.taken.to_h { |one| [one.finding.key, told(one.finding, one.answer)] }
          key = standing.cause.key
          Bar.new(standing, standing.for.map { |one| answers[one] }, standing.against.map { |one| answers[one] },
            service.learnt.held_in_house(key), service.learnt.held_with_kit(key), service.learnt.wrong(key),
            diagnosis.prior.shift(standing.cause))
        end
      end
    end
  end
end
