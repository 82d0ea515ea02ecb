# frozen_string_literal: true

module YellowTrack
  module Web
    module Along
      # What was taken along to this device, what is not sent yet, and what quarrels.
      class Screen < Web::Screen
        def template = "along/page"

        def title = "Taken along"

        # @return [Array<Desk::TakenAlong::Open>]
        def open
          @open ||= Desk::TakenAlong.new(book, who: visitor.who, owner: visitor.owner).open
        end

        def quarrels = open.select(&:quarrel?)

        def unread = open.reject(&:quarrel?)

        # What it is about.
        def about(one)
          "#{one.opening.letter} #{one.opening.name}: #{one.step ? "step #{one.step.tr("-_", " ")}" : one.field.label}"
        end

        def mine(one) = one.step ? one.draft.typed : [one.draft.typed].flatten.reject(&:empty?).join(" – ")

        def theirs(one)
          return one.theirs&.after ? "done" : "not done" if one.step

          Saying.value(one.field, one.opening.document[one.key])
        end

        # Where it is seen on its page.
        def path(one)
          stage = one.step ? "hang" : Desk::Stage.all.find { |each| each.writes?(one.key) }.key
          Paths.opening(one.opening.id, stage, anchor: one.step ? "step.#{one.step}" : one.key)
        end
      end
    end
  end
end
