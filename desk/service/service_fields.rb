# frozen_string_literal: true

module YellowTrack
  module Desk
    # What can be typed or chosen of a door that hangs badly.
    module ServiceFields
      ANSWERS = {"unknown" => "not known"}.freeze
      SOUND = {"sound" => "sound", "bent" => "bent", "cracked" => "cracked",
               "kinked" => "kinked over a third of its height"}.freeze
      BITES = {"bites" => "every screw bites", "turns" => "one turns and does not bite",
               "board" => "in board alone"}.freeze
      TRACKS = {"open" => "an open lip", "closed" => "a closed track", "lift" => "room to lift it",
                "no lift" => "no room to lift it"}.freeze
      ROLLER = {"wheel" => ["wheel, across", "At the root of its tread."],
                "wheel_across" => ["wheel, square to that", "The less of the two counts."],
                "room" => ["body to wheel, room side", "From the side of the body to the wheel."],
                "closet" => ["body to wheel, closet side", "From the other side of the body to the wheel."],
                "seat" => ["seat to pin", "Hung from above: from the panel's top to the pin."],
                "spacer" => ["spacer", "What lies between."],
                "body" => ["body, across", "What the mortise has to take."],
                "bar" => ["metal beyond its hole", "Of a bar that is cut to length."]}.freeze
      READINGS = {"top" => "gap, top", "middle" => "gap, middle", "bottom" => "gap, bottom",
                  "floor_left" => "floor gap, left", "floor_right" => "floor gap, right",
                  "head" => "above it", "lift" => "lifts by", "play" => "play at the guide"}.freeze
      FIGURES = {"hours" => "hours of the mend", "hands" => "hands", "rate" => "an hour costs", "parts" => "parts",
                 "trips" => "trips", "door" => "a new door", "hardware" => "its hardware",
                 "new_hours" => "hours to fit it", "new_hands" => "hands then", "new_trips" => "trips then",
                 "disposal" => "taking the old one away"}.freeze

      # A field of a door that hangs badly.
      def self.field(key, label, kind, hint: nil, **rest)
        Field.new(key: "service.#{key}", label:, kind:, hint:, **rest)
      end

      # Fields of its rollers, old and new.
      def self.rollers
        %w[old new].flat_map do |which|
          ROLLER.map { |key, (label, hint)| field("#{which}.#{key}", "#{which}: #{label}", :length, hint:) } +
            [field("#{which}.turned", "#{which}: turned round", :flag)]
        end
      end

      # Fields of what is read, as found and as left.
      def self.readings
        {"found" => "as found", "left" => "as left"}.flat_map do |when_, words|
          READINGS.map { |key, label| field("#{when_}.#{key}", "#{label}, #{words}", :length) } +
            [field("#{when_}.pull", "pull in N, #{words}", :number, hint: "By a spring balance at the handle.")]
        end
      end

      KNOWN = {"yes" => "there", "no" => "not there", "unknown" => "not known"}.freeze
      # What may be fitted to doors that hang, and what is measured for it.
      FITTED = {"soft_close" => "a soft close", "pull" => "a pull", "stop" => "an end stop",
                "guide" => "a floor guide"}.freeze
      FIT = {"width" => ["panel's width", nil], "at" => ["its left edge, closed", "From the rail's left end; of a " \
        "guide the right-hand panel's, from the left jamb."],
             "travel" => ["travel", "How far it goes from closed to fully open."],
             "rail" => ["the rail's length", nil], "body" => ["damper's body", nil],
             "spacer" => ["spacer at the rail's end", "0 without one."], "stile" => ["stile", nil],
             "gap" => ["floor gap", nil], "height_up" => ["pull above the floor", "980 is usual."],
             "bore" => ["bore, across", nil], "depth" => ["bore, deep", nil], "thickness" => ["panel's thickness", nil],
             "proud" => ["stands proud", nil], "air" => ["air to the next face", nil],
             "inset" => ["hanger's middle from the edge", nil], "hanger" => ["hanger's length", nil],
             "length" => ["the stop's length", nil], "lap" => ["lap", nil], "slot" => ["the guide's slot", nil]}.freeze

      # Fields of one thing that is fitted.
      def self.fit
        FIT.map { |key, (label, hint)| field("fit.#{key}", label, :length, hint:) } +
          [field("fit.what", "what is fitted", :choice, options: FITTED),
            field("fit.closes", "it closes to the", :choice, options: {"left" => "left", "right" => "right"}),
            field("fit.holes", "the rail's screws", :lengths, hint: "From its left end, parted by ;")]
      end

      MADE_OF = Mending::Material::CARRIES.keys.to_h { |name| [name, name] }.freeze

      ALL = [
        field("words", "in the customer's words", :text),
        field("has.neighbour", "another beside it", :known, options: KNOWN),
        field("has.damper", "soft close", :known, options: KNOWN),
        field("has.half_jamb", "half jamb", :known, options: KNOWN),
        field("has.infill", "glass, mirror or loose infill", :known, options: KNOWN),
        field("leaves", "leaves", :count, options: (1..4).to_h { |count| [count.to_s, count.to_s] }),
        field("leaf", "which one, from the left", :count, options: (1..4).to_h { |place| [place.to_s, place.to_s] }),
        field("track", "how it comes out", :choice, options: TRACKS),
        field("phone", "asked by telephone", :flag), field("told", "found by telephone", :texts),
        field("was", "what it was", :text),
        field("reached", "its adjusters are reached while it hangs", :yes_no, options: Field::YES_NO),
        field("propped", "propped, it cannot fall", :flag), field("down", "it is down", :flag),
        field("symptoms", "what is said", :texts), field("holder", "how many hold it", :count,
          options: (1..4).to_h { |count| [count.to_s, count.to_s] }),
        field("cause", "cause", :choice, options: Files::Knowledge.all.causes.transform_values(&:label)),
        field("mended", "mended", :texts), field("wrong", "proved wrong", :texts),
        field("lip", "the track's lip", :choice, options: SOUND),
        field("fixing", "the track's screws", :choice, options: BITES),
        field("oiled", "oil on the track", :flag), field("one_only", "one roller of two changed", :flag),
        field("old.material", "old: made of", :choice, options: MADE_OF),
        field("new.material", "new: made of", :choice, options: MADE_OF),
        field("old.rating", "old: rated, kg a wheel", :number), field("new.rating", "new: rated, kg a wheel", :number),
        field("air.room", "air to the room's side", :length), field("air.closet", "air to the closet's side", :length),
        field("hole.from", "new hole from an open one", :length), field("hole.screw", "its screw, across", :length),
        *rollers, *readings, *fit, *FIGURES.map { |key, label| field("figures.#{key}", label, :number) },
        field("closed", "handed over", :flag)
      ].freeze

      # What the log calls them.
      TITLES = {"service.symptoms" => "said", "service.cause" => "cause taken up", "service.mended" => "mended",
                "service.wrong" => "proved wrong", "service.findings" => "found"}.freeze

      module_function

      # What a field is called, by its key.
      def title(key) = TITLES[key] || found(key).label

      # A value of the log that is told by keys, in words; nil for any other.
      #
      # @param known [Diagnosis::Knowledge] that has them
      def words(key, value, known: Files::Knowledge.all)
        case key
        when "service.symptoms" then listed(value) { |one| known.symptoms[one]&.label }
        when "service.cause", "service.mended", "service.wrong" then listed(value) { |one| cause_name(one, known) }
        when "service.findings" then (value || {}).empty? ? "nothing" : Count.told(value.length, "answers")
        else found(key) && (value.nil? ? "nothing" : found(key).options&.fetch(value, value) || value.to_s)
        end
      end

      # What a cause is called, by its key; the key itself where nobody knows it.
      def cause_name(key, known)
        (key == Diagnosis::Knowledge::NONE) ? known.none.label : known.causes[key]&.label || key
      end

      # Values of a list, in words.
      def listed(value)
        all = Array(value).map { |one| yield(one) || one }
        all.empty? ? "nothing" : all.join("; ")
      end

      # The field of a finding.
      #
      # @return [Field, nil]
      def found(key)
        name = key.to_s[/\Aservice\.findings\.([a-z_]{2,30})\z/, 1]
        finding = name && Files::Knowledge.all.findings[name] or return
        return Field.new(key:, label: finding.ask, kind: :found) if finding.length?

        Field.new(key:, label: finding.ask, kind: :choice, options: answers(finding.answers))
      end

      # Answers in words, and that it is not known.
      def answers(list) = list.to_h { |answer| [answer, answer.tr("_", " ")] }.merge(ANSWERS)
    end
  end
end
