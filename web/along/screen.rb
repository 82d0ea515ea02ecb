# frozen_string_literal: true

module YellowTrack
  module Web
    module Along
      # What was taken along to this device, what is not sent yet, what quarrels, and what has a
      # time that cannot be.
      class Screen < Web::Screen
        ACTS = {"pictures" => "a picture", "moves" => "a turn", "back" => "a turn that is taken back",
                "hand-over" => "a hand-over", "remarks" => "a remark"}.freeze

        # @return [String, nil] what was not taken in just now
        attr_reader :says

        # @param says [String, nil]
        def initialize(book, says: nil, **rest)
          super(book, **rest)
          @says = says
        end

        # The template that it is drawn with.
        def template = "along/page"

        # What stands in the window's own line.
        def title = "Taken along"

        # @return [Array<Desk::TakenAlong::Open>]
        def open
          @open ||= Desk::TakenAlong.new(book, who: visitor.who, owner: visitor.owner).open
        end

        # What both wrote.
        def disputed = open.select(&:quarrel?)

        # How much is left to be decided.
        def quarrels = disputed.length + asked.length

        # @return [Array<Store::AskedTimes::Asked>]
        def asked = @asked ||= book.asked_times.of(visitor.account_id)

        # What it is about that has a time that cannot be.
        def asked_about(one)
          opening = book.openings.find(one.path[/\d+/].to_i)
          "#{"#{opening.letter} #{opening.name}: " if opening}#{ACTS[one.path[%r{[^/]+\z}]] || typed_in(one)}"
        end

        # What could not be read, and quarrels with nobody.
        def unread = open.reject(&:quarrel?)

        # What it is about.
        def about(one)
          "#{one.opening.letter} #{one.opening.name}: #{one.step ? "step #{one.step.tr("-_", " ")}" : one.field.label}"
        end

        # What was typed away from the server, in words.
        def mine(one) = one.step ? one.draft.typed : [one.draft.typed].flatten.reject(&:empty?).join(" – ")

        # What others wrote meanwhile, in words.
        def theirs(one)
          return one.theirs&.after ? "done" : "not done" if one.step

          Saying.value(one.field, one.opening.document[one.key])
        end

        # Where it is seen on its page.
        def path(one)
          stage = one.step ? "hang" : Desk::Stage.home(one.key).key
          Paths.opening(one.opening.id, stage, anchor: one.step ? "step.#{one.step}" : one.key)
        end

        private

        # A step, or a field and what was typed into it.
        def typed_in(one)
          form = Rack::Utils.parse_nested_query(one.form)
          [form["step"], Desk::Fields.told(form["key"].to_s)&.label, *form["value"]].compact.join(" ")
        end
      end
    end
  end
end
