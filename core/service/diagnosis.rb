# frozen_string_literal: true

module YellowTrack
  # What ails a door that hangs, by what is said and found of it (handbook 13): the
  # causes still standing with their shares and why, and that it may be none of them; the
  # question that tells most for its minutes; whether enough is known; what stands behind
  # a mend. Shares are parts of 1, drops bits.
  class Diagnosis
    DECIMALS = 6
    FOR = 2
    AGAINST = 1
    EXCLUDED = 4 # a cause is excluded under a quarter of what it had first

    # An answer as it was taken: what stood before it, and who gave it.
    Taken = Struct.new(:finding, :answer, :before, :who) do
      # What it says for each cause, bits, to as many decimals as causes are told apart by.
      def says = before.says(finding, answer, who).map { |say| say.round(DECIMALS) }

      # How likely each answer was under each cause.
      #
      # @return [Hash{String => Array<Float>}]
      def chances = before.answers(finding).to_h { |one| [one, before.chances(finding, one, who)] }
    end

    # A cause with its share, what it had first, and keys of the findings that speak for and against it.
    Standing = Struct.new(:cause, :share, :first, :for, :against) do
      # @return [Hash] as it stands in the file of a diagnosis
      def to_h = {"key" => cause.key, "share" => share.round(DECIMALS), "for" => self.for, "against" => against}

      # Whether what was found excludes it.
      def excluded? = !cause.none? && share < first / EXCLUDED
    end

    # @return [Door] what is known of it
    attr_reader :door
    # @return [Array<Taken>] answers that told something, as they were found
    attr_reader :taken
    # @return [Belief] as it stands
    attr_reader :belief
    # @return [Belief] before anything was found
    attr_reader :start
    # @return [Likelihoods]
    attr_reader :likelihoods
    # @return [Prior]
    attr_reader :prior
    # @return [Array<Standing>] all that it can be, "none of these" too, the likeliest first
    attr_reader :causes
    # @return [Questions::Question, nil] that tells most for its minutes; nil once asking has ended
    attr_reader :next
    # @return [Numeric] minutes that finding out cost; what changes nothing costs nothing
    attr_reader :minutes
    # @return [Quarrel, nil] answers that go ill together
    attr_reader :quarrel
    # @return [Questions] what can be asked as it stands
    attr_reader :questions
    # @return ["named", "none", "not_known", "long", "nothing_tells", nil] why nothing more is asked; nil while it is
    attr_reader :ended

    # @param knowledge [Knowledge] of the door's family
    # @param rest [Hash] what is known of it, as Door has it
    def initialize(knowledge, **rest)
      @door = Door.of(knowledge:, **rest)
      @likelihoods = knowledge.likelihoods(door.said)
      @prior = Prior.new(door)
      @belief = @start = Belief.new(prior.causes, prior.shares, likelihoods)
      ask
      @causes = ranked.freeze
      @ending = Ending.new(causes, put: @put.length, unknown: @put.length - taken.length)
      @questions = Questions.new(door, belief, put: @put, down: down?)
      @quarrel = Quarrel.in(start, taken)
      @ended = @ending.ended
      @next = questions.best(named: named?) unless ended
      @ended ||= "nothing_tells" unless @next
      freeze
    end

    # Of the door's family.
    def knowledge = door.knowledge

    # @return [Array<String>] keys of the symptoms
    def symptoms = door.symptoms

    # Whether the door was taken down by now: what is read while it hangs is not asked any more.
    def down? = @down

    # The likeliest of the causes that are known.
    #
    # @return [Standing, nil] nil where no cause can be
    def first = causes.find { |one| !one.cause.none? }

    # That it is a cause which no file knows.
    #
    # @return [Standing]
    def none = causes.find { |one| one.cause.none? }

    # Entropy of what stands, bits.
    def entropy = belief.entropy

    # @return ["asking", "proving", "named", "few", "none"]
    def state
      return named? ? "proving" : "asking" if self.next

      @ending.come_to
    end

    # Whether one cause has enough for it to be named.
    def named? = @ending.named?

    # What is to be mended, in this order: the one that is named, or the few that are left.
    #
    # @return [Array<Knowledge::Cause>]
    def mends
      return [first.cause] if named?

      (state == "few") ? @ending.few.map(&:cause) : []
    end

    # Causes that what was found excludes, in the file's order.
    #
    # @return [Array<Knowledge::Cause>]
    def excluded
      out = causes.select(&:excluded?).map(&:cause)
      prior.causes.select { |cause| out.include?(cause) }
    end

    # Findings that can be put and were not, in the file's order.
    #
    # @return [Array<Finding>]
    def askable = questions.askable

    # Findings that can be put to such a door, or were, in the file's order.
    #
    # @return [Array<Finding>]
    def fitting = knowledge.findings.values.select { |finding| door.fits?(finding) }

    # Answers that can be given to a finding.
    def answers(finding) = likelihoods.answers(finding)

    # What stands behind the mend under way; empty without one.
    #
    # @return [Array<Behind::Row>]
    def behind = door.mend ? Behind.of(door, door.mend) : []

    # @return [String] short: a book of causes hangs on it
    def inspect = "#<#{self.class} #{symptoms.join(", ")}: #{state}>"

    # As bin/service writes it.
    def to_h
      {"format" => "yellow-track/diagnosis", "version" => 2, "entropy" => entropy.round(DECIMALS),
       "minutes" => minutes.to_f.round(DECIMALS), "causes" => causes.map(&:to_h), "next" => self.next&.to_h,
       "state" => state, "ended" => ended, "mends" => mends.map(&:key), "excluded" => excluded.map(&:key),
       "quarrel" => quarrel&.to_h, "behind" => behind.map(&:to_h)}
    end

    private

    # Each finding that was put, on what stood before it: what it cost, and what it told.
    def ask
      @put, @taken, @minutes = [], [], 0
      @down = door.down || door.said.any?(&:down)
      door.findings.each do |key, found|
        finding = knowledge.findings.fetch(key)
        put(finding, found) if door.fits?(finding)
      end
    end

    def put(finding, found)
      @put << finding
      @minutes += finding.cost(down?)
      @down ||= finding.door_off?
      return if found.nil?

      answer, who = finding.answer(found), door.who(finding.key)
      @taken << Taken.new(finding, answer, belief, who)
      @belief = belief.after(finding, answer, who)
    end

    def ranked
      says = taken.map(&:says)
      standing = belief.causes.each_with_index.map do |cause, place|
        Standing.new(cause, belief.shares[place], start.shares[place], *why(says.map { |all| all[place] }))
      end
      standing.sort_by.with_index { |one, place| [-one.share.round(DECIMALS), place] }
    end

    # The strongest two for a cause, and the strongest against it.
    #
    # @param says [Array<Float>] of each answer, bits
    def why(says)
      keyed = taken.map { |one| one.finding.key }.zip(says)
      strongest = keyed.sort_by.with_index { |(_, say), place| [-say.abs, place] }
      speaks_for, against = [:positive?, :negative?].map { |way| strongest.select { |_, say| say.public_send(way) } }
      [speaks_for.first(FOR), against.first(AGAINST)].map { |list| list.map(&:first) }
    end
  end
end
