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

        # @param says [String, nil] what was not taken in just now
        def initialize(book, says: nil, **rest)
          super(book, **rest)
          @says = says
        end

        attr_reader :says

        def disputed = open.select(&:quarrel?)

        def quarrels = disputed.length + asked.length

        # @return [Array<Store::AskedTimes::Asked>]
        def asked = @asked ||= book.asked_times.of(visitor.account_id)

        ACTS = {"pictures" => "a picture", "moves" => "a turn", "back" => "a turn that is taken back",
                "hand-over" => "a hand-over", "remarks" => "a remark"}.freeze

        # What it is about.
        def asked_about(one)
          form = Rack::Utils.parse_nested_query(one.form)
          opening = book.openings.find(one.path[/\d+/].to_i)
          what = ACTS[one.path[%r{[^/]+\z}]] || [form["step"], Desk::Fields.told(form["key"].to_s)&.label, form["value"]].compact.join(" ")
          "#{"#{opening.letter} #{opening.name}: " if opening}#{what}"
        end

        # With its year: a clock may be off by years.
        def full_moment(at) = Time.iso8601(at).localtime.strftime("%-d %B %Y, %H:%M")

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
