# frozen_string_literal: true

module YellowTrack
  # What ails a door that hangs, by what is said and found of it (handbook 13): the
  # causes still standing with their shares and why, the question that tells most for
  # its minutes, and whether enough is known. Shares are parts of 1, drops bits.
  class Diagnosis
    NAMED = 0.8 # share from which a cause is named
    PROVED = 0.95 # and from which a door comes down for it
    TELLS = 0.05 # bits under which a question is not worth asking
    SPARES = 0.15 # bits of a question from which none is asked that needs the door off
    DANGER = 0.1 # share of a cause that can hurt somebody, to be looked at
    DECIMALS = 6
    UNLISTED = 0.5 # weight of a cause for one symptom of several that is not its own
    FOR = 2
    AGAINST = 1

    # An answer as it was taken: what stood before it.
    Taken = Struct.new(:finding, :answer, :before)

    # A cause with its share, and keys of the findings that speak for and against it.
    Standing = Struct.new(:cause, :share, :for, :against) do
      # @return [Hash] as it stands in the file of a diagnosis
      def to_h = {"key" => cause.key, "share" => share.round(DECIMALS), "for" => self.for, "against" => against}
    end

    # What is to be asked next.
    Question = Struct.new(:finding, :drop, :per_minute) do
      # @return [Hash] as it stands in the file of a diagnosis
      def to_h = {"finding" => finding.key, "drop" => drop.round(DECIMALS), "per_minute" => per_minute}
    end

    # @return [Knowledge] of its family
    attr_reader :knowledge
    # @return [Array<String>] keys of the symptoms
    attr_reader :symptoms
    # @return [Array<Taken>] answers that told something, as they were found
    attr_reader :taken
    # @return [Belief] as it stands
    attr_reader :belief
    # @return [Likelihoods]
    attr_reader :likelihoods

    # @return [Array<Standing>] all candidates, the likeliest first
    attr_reader :causes
    # @return [Question, nil] that tells most for its minutes; nil where none is
    #   worth asking
    attr_reader :next

    # @param knowledge [Knowledge] of the door's family
    # @param symptoms [Array<String>] one at the least
    # @param findings [Hash{String => String, Numeric, nil}] as found: an answer, mm of
    #   a length, nil for not known
    # @param things [Array<String>] that the set has
    # @param down [Boolean] whether the door is down
    # @param mended [Array<String>] causes that are out
    def initialize(knowledge, symptoms:, findings: {}, things: [], down: false, mended: [])
      @knowledge, @symptoms, @findings, @things = knowledge, symptoms, findings, things
      @down = down || told.any?(&:down)
      @likelihoods = Likelihoods.new(told)
      @belief = believed(mended)
      @listed = @belief.causes.flat_map { |cause| cause.evidence.keys }.to_set
      @taken = take.freeze
      @causes = ranked.freeze
      @next = best
      freeze
    end

    # @return [Array<Knowledge::Symptom>]
    def told = symptoms.map { |key| knowledge.symptoms.fetch(key) }

    # Whether the door was taken down: what is read while it hangs is not asked any more.
    def down? = @down

    # The likeliest.
    #
    # @return [Standing, nil] nil where no cause can be
    def first = causes.first

    # Entropy of what stands, bits.
    def entropy = @belief.entropy

    # Minutes that finding out cost; what changes nothing costs nothing.
    def minutes = put.sum { |finding| finding.cost(down?) }

    # @return ["asking", "open", "proving", "named"]
    def state
      return self.next ? "proving" : "named" if named?

      self.next ? "asking" : "open"
    end

    # Whether one cause has enough for it to be named.
    def named? = !first.nil? && first.share >= NAMED

    # Every question that still tells something, in the file's order.
    #
    # @return [Array<Question>]
    def questions
      askable.filter_map do |finding|
        drop = @belief.drop(finding)
        Question.new(finding, drop, (drop / finding.cost(down?)).round(DECIMALS)) if drop > TELLS
      end
    end

    # Findings that can be put to such a door, in the file's order, put or not.
    #
    # @return [Array<Finding>]
    def fitting = knowledge.findings.values.select { |finding| fits?(finding) }

    # Those of them that were not put yet.
    #
    # @return [Array<Finding>]
    def askable = fitting.reject { |finding| @findings.key?(finding.key) }

    # Answers that can be given to a finding.
    def answers(finding) = likelihoods.answers(finding)

    # Answers that quarrel: no cause explains them together.
    #
    # @return [Quarrel, nil]
    def quarrel = Quarrel.in(self)

    # Weight of a cause by all symptoms together, before anything was found.
    def weight(cause) = symptoms.reduce(1) { |all, symptom| all * (cause.weight(symptom) || UNLISTED) }

    # @return [String] short: a book of causes hangs on it
    def inspect = "#<#{self.class} #{symptoms.join(", ")}: #{state}>"

    # As bin/service writes it.
    def to_h
      {"format" => "yellow-track/diagnosis", "version" => 1, "entropy" => entropy.round(DECIMALS),
       "minutes" => minutes.to_f.round(DECIMALS), "causes" => causes.map(&:to_h), "next" => self.next&.to_h,
       "state" => state}
    end

    private

    # By weights alone, nothing found yet.
    def believed(mended)
      possible = knowledge.causes.values.select { |cause| possible?(cause) && !mended.include?(cause.key) }
      Belief.new(possible, possible.map { |cause| weight(cause) }, likelihoods)
    end

    def possible?(cause)
      symptoms.any? { |symptom| cause.weight(symptom) } && (cause.if.nil? || @things.include?(cause.if))
    end

    def fits?(finding) = @listed.include?(finding.key) && finding.fits?(symptoms, @things)

    # Findings that were put and count, known or not.
    def put = @findings.keys.map { |key| knowledge.findings.fetch(key) }.select { |finding| fits?(finding) }

    # Each answer on what stood before it.
    def take
      put.filter_map do |finding|
        found = @findings.fetch(finding.key)
        next if found.nil?

        answer = finding.answer(found)
        Taken.new(finding, answer, @belief).tap { @belief = @belief.after(finding, answer) }
      end
    end

    def ranked
      says = taken.map { |one| one.before.says(one.finding, one.answer).map { |say| say.round(DECIMALS) } }
      standing = belief.causes.each_with_index.map do |cause, place|
        Standing.new(cause, belief.shares[place], *why(says.map { |all| all[place] }))
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

    def best
      return if named? && !to_prove?

      open = questions
      open = open.reject { |question| question.finding.door_off? } if proving_only? || spared?(open)
      open.max_by { |question| order(question) }
    end

    # From being named on nothing is asked that brings the door down.
    def proving_only? = named? && !down?

    # While something tells much with the door hanging, it stays where it is.
    def spared?(open) = !down? && open.any? { |question| !question.finding.door_off? && question.drop > SPARES }

    # Whether the first is to be proved: the door would come down for it, or another
    # could hurt somebody.
    def to_prove?
      (first.share < PROVED && first.cause.door_off) ||
        causes.drop(1).any? { |other| other.cause.danger && other.share >= DANGER }
    end

    # The more for its minutes first, then the fewer minutes, then the file's order.
    def order(question)
      [question.per_minute, -question.finding.cost(down?), -knowledge.findings.keys.index(question.finding.key)]
    end
  end
end
