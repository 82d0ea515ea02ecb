# frozen_string_literal: true

module YellowTrack
  module Desk
    # A door of an opening that hangs badly: what is said and found of it, what ails
    # it, how far the mend is.
    class DoorService
      include Changes

      ROLLERS = 2 # under a panel
      ALWAYS_ASKED = "ask" # how a finding was found that a mend does not alter
      DAMP = %w[washed weather].freeze
      FALLS = %w[fallen track_loose jumps].freeze # symptoms of a door that can fall
      STEPS = %w[free mark fix off hang].freeze
      AGAIN = 42 * 24 * 3600 # seconds within which a symptom is back
      THIRD = 3 # times that a cause is named

      # A step of the mend: its key in the log, and what is done.
      Step = Struct.new(:key, :says)

      # @param opening [Opening]
      def initialize(opening)
        @opening = opening
        @read = opening.opening.to_h["service"] || {}
      end

      # Whether it is served.
      def on? = !@opening.document["service"].nil?

      # Whether it was handed over again.
      def closed? = @read["closed"] == true

      # A value as it reads, mm where it is a length.
      #
      # @param key [String] dotted, as in "old.wheel"
      def [](key) = key.split(".").reduce(@read) { |inner, step| inner && inner[step] }

      # What carries it, as it is told here.
      def family = @opening.kit.manner.key

      # @return [:head, :floor, :wall]
      def carried = @opening.kit.manner.carried

      # @return [Diagnosis::Knowledge]
      def knowledge = Files::Knowledge.of(family)

      # @return [Array<String>] that the set has
      def things = knowledge.things.keys.select { |thing| thing?(thing) }

      # Symptoms that are said and can be said of it.
      def symptoms
        (self["symptoms"] || []).select do |key|
          symptom = knowledge.symptoms[key]
          symptom && (symptom.if.nil? || things.include?(symptom.if))
        end
      end

      # @return [Diagnosis, nil] nil while nothing is said
      def diagnosis
        return if symptoms.empty?

        @diagnosis ||= @opening.piece(:diagnosis) do
          Diagnosis.new(knowledge, symptoms:, findings:, things:, down: self["down"] == true, mended: out)
        end
      end

      # What was found, in the order found; nil for what is not known.
      #
      # @return [Hash{String => String, Rational, nil}]
      def findings
        ruled = Diagnosis::Likelihoods.new(symptoms.map { |key| knowledge.symptoms.fetch(key) })
        (@opening.document["service.findings"] || {}).keys.filter_map { |key|
          finding = knowledge.findings[key] or next
          value = self["findings.#{key}"]
          next if value.nil?

          answer = (value == "unknown") ? nil : value
          next if answer && !possible?(finding, answer, ruled)

          [key, answer]
        }.to_h
      end

      # Causes that are out: mended, or proved wrong.
      def out = (self["mended"] || []) | (self["wrong"] || [])

      # The cause that was taken up.
      #
      # @return [Diagnosis::Knowledge::Cause, nil]
      def cause = self["cause"] && knowledge.causes[self["cause"]]

      # Whether the door comes down for it.
      def comes_down? = self["down"] == true || (cause&.door_off || false)

      # Ways in which it is freed: the one of its track, where that is known.
      #
      # @return [Array<Files::TakingDown::Way>]
      def ways
        all = Files::TakingDown.ways(family)
        all.select { |way| way.track.nil? || way.track == self["track"] }.then { |known| known.empty? ? all : known }
      end

      # Its panel's weight, kg; nil while nothing says.
      def weight = @opening.plan&.set&.weight || @opening.opening["weighed"]

      # Hands that lift it: two at least while nothing says how heavy it is.
      def hands = (@opening.plan && weight) ? @opening.plan.set.hands : Makeup::NOT_KNOWN

      # Whether a pane is lifted with it: said of the panels, or of the door.
      def glass?
        layers = @opening.opening["makeup"] || []
        self["has.infill"] == true || layers.any? { |layer| Makeup::FRAGILE.include?(layer["material"]) }
      end

      # @return [Array<Step>]
      def freeing = steps("free", (ways.length == 1) ? ways.first.order : [])

      # Steps that mark how it hung.
      def marks = steps("mark", Files::TakingDown.marks)

      # Steps that mend its cause; none without one.
      def fix = cause ? steps("fix.#{cause.key}", cause.fix) : []

      # What is done while it is off, whatever it was taken down for.
      def while_off
        return [] unless cause && comes_down?

        steps("off.#{cause.key}", [Files::TakingDown.always_off, *cause.while_off].uniq)
      end

      # Every step there is, for the log's words.
      def all_steps = [*freeing, *marks, *fix, *while_off]

      # A step, by its key.
      def find(key) = all_steps.find { |step| step.key == key }

      # The entry that ticked a step; nil for one that is not done.
      def tick(step) = ticks[step.key]&.then { |entry| entry if entry.after }

      # Whether all of some steps are ticked.
      def done?(list) = list.any? && list.all? { |step| tick(step) }

      # Whether it is off, by what was ticked or said.
      def off? = self["down"] == true || diagnosis&.down? || done?(freeing)

      # @return [Mending::Reroller, nil] while one of its parts was measured
      def reroller
        return unless self["old"] || self["new"]

        set = @opening.plan&.set
        @reroller ||= Mending::Reroller.new(carried, self["old"] || {}, self["new"] || {}, readings: gaps,
          height: set&.height, spacing: set&.rollers&.spacing)
      end

      # As it was found, by what the mend does to it.
      def gaps
        {gap: self["found.floor_left"] && [self["found.floor_left"], self["found.floor_right"]].compact.min,
         head: self["found.head"], lift: self["found.lift"]}.compact
      end

      # What comes off the foot, by the gaps found there.
      #
      # @return [Mending::Trim, nil] while none is read
      def trim
        design = @opening.opening["gap"] || @opening.kit["gap.design"]
        found = {"left" => self["found.floor_left"], "right" => self["found.floor_right"]}
        design && found.values.any? && Mending::Trim.new(design, found) || nil
      end

      # @return [Mending::Material]
      def material
        @material ||= Mending::Material.new(Working.new, weight, wheels: ROLLERS, damp: damp?)
      end

      # Whether it stands in the damp.
      def damp? = DAMP.include?(findings["damp"])

      # Figures of mend and replace: those typed, else what the cause and the house say.
      #
      # @return [Hash{String => Numeric}]
      def figures
        usual = {"hours" => cause && cause.minutes / 60.0, "hands" => cause && [cause.hands, hands].max,
                 "rate" => @opening.book.prices.all["rate"], "new_hands" => 1}
        usual.merge((self["figures"] || {}).compact).compact
      end

      # What the mend in hand takes.
      #
      # @return [Mending::Work, nil] without one
      def work = (Mending::Work.new(cause.minutes * [cause.hands, hands].max, cause.parts) if cause && !closed?)

      # @return [Mending::Replacing, nil] without a cause
      def replacing = cause && Mending::Replacing.new(figures)

      # @return [Array<Check>]
      def checks = on? ? Mending::Checks.new(Standing.new(self, @opening).state, @opening.printer).found : []

      # The stage that it has come to.
      def reached
        return "hand-over" if closed?
        return "look" unless cause
        return "take-down" if comes_down? && !off?

        ([*fix, *while_off].all? { |step| tick(step) }) ? "rehang" : "mend"
      end

      # What was learnt of other doors.
      #
      # @return [Store::Causes]
      def learnt = @learnt ||= @opening.book.causes(@opening.row)

      # Whether the gaps were read as it was left.
      def left_read? = %w[top middle bottom].all? { |place| self["left.#{place}"] } || hung_read?

      # Whether those gaps are even: what the bench would still turn is not settled.
      def left_even?
        return @opening.turning.settled? if hung_read?

        left = %w[top middle bottom].filter_map { |place| self["left.#{place}"] }
        left.length == 3 && left.max - left.min <= @opening.even_within
      end

      # What was done for a cause, in the words of its steps, each as it was ticked.
      #
      # @param cause [Diagnosis::Knowledge::Cause]
      # @return [Array<String>]
      def done_for(cause)
        [*steps("fix.#{cause.key}", cause.fix), *steps("off.#{cause.key}", cause.while_off)]
          .select { |step| tick(step) }.map(&:says)
      end

      # Whether every step of its mend is ticked.
      def mended?(cause) = done?(steps("fix.#{cause.key}", cause.fix))

      # A gap as it was left: what was typed, else what the bench read last at the jamb.
      #
      # @param place [String] "top", "middle", "bottom"
      # @return [Rational, nil] mm
      def left(place) = self["left.#{place}"] || (@opening.turning.reading.read["gaps"]&.[](place) if @opening.plan)

      private

      # Whether an answer is one, and not ruled out by what is said.
      def possible?(finding, answer, likelihoods)
        (named = finding.answer(answer)) && !likelihoods.ruled_out(finding).include?(named)
      end

      def steps(kind, list) = list.each_with_index.map { |says, place| Step.new("#{kind}.#{place + 1}", says) }

      def ticks = @ticks ||= @opening.record.latest("service")

      def thing?(thing)
        said = self["has.#{thing}"]
        said.nil? ? usual?(thing) : said
      end

      # What the set itself says of a thing.
      def usual?(thing)
        set = @opening.opening
        case thing
        when "neighbour" then (set["panels"] || set["leaves"] || set["pattern"]&.length || 1) > 1
        when "half_jamb" then !set["half_jamb"].nil?
        when "damper" then set["soft_close"] ? true : false
        when "infill" then (set["makeup"] || []).any? { |layer| Makeup::FRAGILE.include?(layer["material"]) }
        end
      end

      # Gaps read at the bench, once it hangs again.
      def hung_read?
        done?(fix) && @opening.plan && @opening.turning.needed.any? { |one| one.missing.empty? }
      end
    end
  end
end
