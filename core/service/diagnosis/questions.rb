# frozen_string_literal: true

module YellowTrack
  class Diagnosis
    # What can be asked of a door as it stands, and which of it tells most for its minutes (handbook 13,
    # "Next question"): findings, and things of the set that nobody knows of yet.
    class Questions
      TELLS = 0.04 # bits under which a question is not worth asking
      SPARES = 0.15 # bits of one that needs the door off; of another from which such a one is barred
      BY_PHONE = %w[ask look].freeze
      FALLEN = "fallen" # what it bars cannot be found while the door is down

      # Something to be asked: a finding, or a thing of the set; drop in bits, minutes.
      Question = Struct.new(:finding, :thing, :drop, :minutes) do
        # What is asked, in a sentence.
        def ask = (finding || thing).ask

        # Bits a minute, as questions are held against each other.
        def per_minute = (drop / minutes).round(DECIMALS)

        # Whether the door has to come down for it.
        def door_off? = finding&.door_off? || false

        # @return [Hash] as it stands in the file of a diagnosis
        def to_h
          {(finding ? "finding" : "thing") => (finding || thing).key, "drop" => drop.round(DECIMALS),
           "per_minute" => per_minute}
        end
      end

      # Whether a customer can find it while somebody asks him by telephone.
      def self.by_phone?(finding) = BY_PHONE.include?(finding.how) && finding.needs == "nothing"

      # @param door [Door]
      # @param belief [Belief] as it stands
      # @param put [Array<Finding>] what was put already
      # @param down [Boolean] whether it is down by now
      def initialize(door, belief, put:, down:)
        @door, @belief, @put, @down = door, belief, put, down
      end

      # Findings that can be put yet, in the file's order, whether or not they tell much.
      #
      # @return [Array<Finding>]
      def askable = knowledge.findings.values.select { |finding| @door.fits?(finding) && open?(finding) }

      # Every question that tells something, things first, in the file's order.
      #
      # @return [Array<Question>]
      def all = @all ||= [*things, *askable.filter_map { |finding| question(finding) }]

      # The one that tells most for its minutes; nil where none is worth asking.
      #
      # @param named [Boolean] whether a cause has enough to be named: none brings the door down then
      # @return [Question, nil]
      def best(named:)
        open = all
        open = open.reject(&:door_off?) if !@down && (named || open.any? { |one| !one.door_off? && one.drop > SPARES })
        open.max_by.with_index { |one, place| [one.per_minute, -one.minutes, -place] }
      end

      private

      def knowledge = @door.knowledge

      # Whether it can be found as the door is now.
      def open?(finding)
        return false if @put.include?(finding) || (@down && finding.not_with&.include?(FALLEN))

        !@door.phone || Questions.by_phone?(finding)
      end

      # @return [Question, nil] nil for one that tells too little
      def question(finding)
        drop = @belief.drop(finding, @door.asked)
        return unless drop > ((finding.door_off? && !@down) ? SPARES : TELLS)

        Question.new(finding, nil, drop, finding.cost(@down))
      end

      # Things that nobody knows of, each with the best finding that waits for it.
      def things
        @door.open_things.map { |thing| with_waiting(thing) }.select { |question| question.drop > TELLS }
      end

      def with_waiting(thing)
        waiting = knowledge.findings.values.select { |one| @door.waits?(one, thing.key) && open?(one) }
        best = waiting.filter_map { |finding| question(finding) }
          .max_by.with_index { |one, place| [one.per_minute, -one.minutes, -place] }
        drop, minutes = @belief.drop_by(thing), thing.minutes
        return Question.new(nil, thing, drop, minutes) unless best

        Question.new(nil, thing, drop + thing.chance * best.drop, minutes + thing.chance * best.minutes)
      end
    end
  end
end
