# frozen_string_literal: true

module YellowTrack
  module Desk
    # The next thing to do for an opening: one sentence with its number, and the
    # place where it is done.
    #
    # stage  the page: a stage's key, "sheet"
    # anchor the field, check or step on it, nil for none
    # panel  the panel in hand, nil for none
    NextStep = Struct.new(:sentence, :stage, :anchor, :panel, keyword_init: true) do
      class << self
        # What readings ask for comes first, then what the stage on the screen does.
        #
        # @param opening [Opening]
        # @param at [String] the stage on the screen
        # @return [NextStep]
        def of(opening, at)
          return mended(opening, at) if NextStep::OF_A_DOOR.include?(Stage[at].rail) ||
            Stage[at].rail.nil? && opening.service.on?

          handed_over(opening) || missing(opening) || refused(opening) || planned(opening, at) || suspect(opening) ||
            unknown(opening) || Stage[page(opening, at)].next.call(opening)
        end

        private

        # Of a door that is mended what is next is of the mend, at the hand-over too.
        def mended(opening, at)
          Stage[NextStep::OF_A_DOOR.include?(Stage[at].rail) ? at : opening.service.reached].next.call(opening)
        end

        # Once it hangs, what is next is of what hangs, from whatever page before that it is looked at.
        def page(opening, at)
          hangs = [at, opening.reached].map { |stage| NextStep::HANGING.include?(stage) }
          (hangs == [false, true]) ? opening.reached : at
        end

        def handed_over(opening) = StageMarks.handed_over(opening) && StageMarks.hand_over_next(opening)

        def missing(opening)
          return if opening.survey.planned?

          key = opening.survey.missing.first or return
          new(sentence: "Read the #{Survey::Words.name(key)}.", stage: "measure", anchor: "survey.#{key}")
        end

        def refused(opening)
          first = opening.refusal&.list&.first or return
          field = first.key && Fields[first.key]
          new(sentence: [field&.label&.capitalize, Fields.named(first.words)].compact.join(": "), stage: "size",
            anchor: field&.key)
        end

        # What is still to be built is neither cut for nor hung.
        def planned(opening, at)
          return unless opening.survey.planned? && at != "choose"

          wanted = opening.plan.set.wanted
          size = [wanted.width, wanted.height].map { |range| opening.printer.with_unit(range[:design]) }
          new(sentence: "Have the opening built #{size.join(" × ")}; once it stands, measure it.",
            stage: (at == "measure") ? "to-build" : "measure")
        end

        def suspect(opening)
          key = opening.closure&.suspects&.first or return
          hint = Fields["survey.#{key}"]&.hint
          new(sentence: "Measure the #{Survey::Words.name(key)} " \
            "again#{hint ? ": #{hint[0].downcase}#{hint[1..]}" : "."}", stage: "measure", anchor: "survey.#{key}")
        end

        def unknown(opening)
          return unless opening.closure&.open?

          new(sentence: "Take a diagonal: bottom left to top right.", stage: "measure",
            anchor: "survey.diagonals.rising")
        end
      end
    end

    NextStep::OF_A_DOOR = %i[service aside].freeze # rails of a door that hangs already
    NextStep::HANGING = %w[hang adjust hand-over].freeze
  end
end
