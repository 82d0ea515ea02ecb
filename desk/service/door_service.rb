# frozen_string_literal: true

module YellowTrack
  module Desk
    # A door of an opening that hangs badly: what is said and found of it, what ails
    # it, how far the mend is.
    class DoorService
      include Changes
      include Found
      include Steps

      ROLLERS = 2 # under a panel
      ALWAYS_ASKED = "ask" # how a finding was found that a mend does not alter
      SLIDES = "slider_move" # what a mend leads on to whose adjusters are turned
      DAMP = %w[washed weather].freeze
      FALLS = %w[fallen track_loose jumps].freeze # symptoms of a door that can fall
      STEPS = %w[free mark fix off hang].freeze
      BY_HAND = 45 # minutes of a mend that no file knows
      AGAIN = 42 * 24 * 3600 # seconds within which a symptom is back
      THIRD = 3 # times that a cause is named

      # @param opening [Opening]
      def initialize(opening)
        @opening = opening
      end

      # Whether it is served.
      def on? = !@opening.document["service"].nil?

      # Whether it was handed over again.
      def closed? = read["closed"] == true

      # A value as it reads, mm where it is a length.
      #
      # @param key [String] dotted, as in "old.wheel"
      def [](key) = key.split(".").reduce(read) { |inner, step| inner && inner[step] }

      # What carries it, as it is told here.
      def family = @opening.kit.manner.key

      # @return [:head, :floor, :wall]
      def carried = @opening.kit.manner.carried

      # What is known of such doors, the firm's own book too.
      #
      # @return [Diagnosis::Knowledge]
      def knowledge = @knowledge ||= Files::Knowledge.of(family).with(@opening.book.own_causes.of(family))

      # @return [Diagnosis, nil] nil while nothing is said
      def diagnosis
        return if symptoms.empty?

        @diagnosis ||= begin
          counts = FirmsCounts.of(@opening.book, knowledge)
          @opening.piece(:diagnosis, counts, knowledge.own) { diagnosed(counts) }
        end
      end

      # Rows of what stands behind the mend in hand.
      #
      # @return [Array<Diagnosis::Behind::Row>]
      def behind = diagnosis&.behind || []

      # Rows that stand, open or found, and bar hanging: it would fall again.
      def barring = behind.select(&:stop?)

      # Whether it may hang: nothing behind its mend bars it, or somebody said why he hangs it all the same.
      def may_hang? = barring.empty? || @opening.overrides.key?("service.behind")

      # Causes that are out: mended, or proved wrong.
      def out = (self["mended"] || []) | (self["wrong"] || [])

      # The cause that was taken up; where none of the known ones fits, what was written down by hand.
      #
      # @return [Diagnosis::Knowledge::Cause, nil]
      def cause
        return by_hand if self["cause"] == Diagnosis::Knowledge::NONE

        self["cause"] && knowledge.causes[self["cause"]]
      end

      # Whether the door comes down for it: as its cause says, or where its adjusters are slots that cannot be reached
      # while it hangs.
      def comes_down? = self["down"] == true || (cause&.door_off || false) || unreached?

      # Whether its adjusters have to be reached, and go by a slot: then somebody has to say whether they can be.
      def by_slot? = (cause&.leads_to&.include?(SLIDES) && Adjust.slot?(@opening.kit)) || false

      # Whether it comes down for its adjusters alone.
      def unreached? = by_slot? && self["reached"] != true

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

      # One thing that is fitted to it.
      #
      # @return [Accessory, nil] nil while nothing is chosen
      def accessory
        Accessory.of((self["fit"] || {}).merge("printer" => @opening.printer))
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
        Mending::Material.new(Working.new, weight, wheels: ROLLERS, damp: damp?)
      end

      # Whether it stands in the damp.
      def damp? = DAMP.include?(findings["damp"])

      # Figures of mend and replace: those typed, else what the cause and the house say.
      #
      # @return [Hash{String => Numeric}]
      def figures
        usual = {"hours" => cause && mend_minutes / 60.0, "hands" => mend_hands,
                 "rate" => @opening.book.prices.all["rate"], "new_hands" => 1}
        usual.merge((self["figures"] || {}).compact).compact
      end

      # What the mend in hand takes.
      #
      # @return [Mending::Work, nil] without one
      def work = (Mending::Work.new(mend_minutes * mend_hands, mend_parts) if cause && !closed?)

      # @return [Mending::Replacing, nil] without a cause
      def replacing = cause && Mending::Replacing.new(figures)

      # @return [Array<Check>]
      def checks = on? ? Mending::Checks.new(Standing.new(self, @opening).state, @opening.printer).found : []

      # The stage that it has come to.
      def reached
        return "hand-over" if closed?
        return "look" unless cause
        return "take-down" if comes_down? && !off?

        ([*fix, *while_off].all? { |step| tick(step) } && may_hang?) ? "rehang" : "mend"
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

      # A gap as it was left: what was typed, else what the bench read last at the jamb.
      #
      # @param place [String] "top", "middle", "bottom"
      # @return [Rational, nil] mm
      def left(place) = self["left.#{place}"] || (@opening.turning.reading.read["gaps"]&.[](place) if @opening.plan)

      private

      # What the opening holds of it.
      def read = @opening.opening.to_h["service"] || {}

      # A mend that no file knows: its only step is what it was.
      def by_hand
        was = self["was"] or return
        knowledge.none.dup.tap do |made|
          made.label, made.fix, made.minutes, made.hands, made.door_off = was, ["Mend it: #{was}"], BY_HAND, 1, false
        end
      end

      def diagnosed(counts)
        under_way = cause.key if cause && !cause.none?
        Diagnosis.new(knowledge, symptoms:, findings:, things:, passed:, down: self["down"] == true, mended: out, told:,
          phone: self["phone"] == true, counts:, mend: under_way)
      end

      # Gaps read at the bench, once it hangs again.
      def hung_read?
        done?(fix) && @opening.plan && @opening.turning.needed.any? { |one| one.missing.empty? }
      end
    end
  end
end
