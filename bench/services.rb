# frozen_string_literal: true

module YellowTrack
  module Bench
    # Made-up doors, their cause drawn by its weight and their answers by the knowledge
    # base's own likelihoods (it proves the sums, not the weights): how often the true
    # cause is first when the asking stops, and what it cost to get there.
    class Services
      DOORS = 20 # for every family and symptom
      SEED = 1
      THINGS = %w[neighbour infill].freeze
      ODD = 0.1 # share of answers at random, and of those not known, where they are
      THREE = 3

      # One door, asked until the asking stopped.
      Asked = Struct.new(:place, :questions, :minutes, :off)

      # What is asked next of a door, by the way of asking; nothing to stop.
      WAYS = {
        "by the rule, to the name" => ->(made, _) { made.named? ? [] : [made.next&.finding].compact },
        "and with proof" => ->(made, _) { [made.next&.finding].compact },
        "in random order, to the name" => lambda { |made, random|
          (made.named? || made.questions.empty?) ? [] : made.askable.sample(1, random:)
        },
        "everything" => ->(made, _) { made.askable }
      }.freeze

      # @return [Array<String>] a line of figures each
      def call
        lines = WAYS.map { |name, way| line(name, doors.map { |door| asked(door, way) }) }
        way = WAYS.fetch("by the rule, to the name")
        [*Answers.new.call, *lines,
          line("a tenth wrong, a tenth not known", doors.map { |door| asked(door, way, odd: ODD) })]
      end

      private

      def doors
        @doors ||= Files::Knowledge.all.families.flat_map do |family|
          known = Files::Knowledge.of(family)
          said = known.symptoms.values.select { |one| one.if.nil? || THINGS.include?(one.if) }
          said.flat_map { |symptom| Array.new(DOORS) { [known, symptom.key] } }
        end
      end

      def asked((known, symptom), way, odd: 0)
        random = (@random ||= Random.new(SEED))
        found, off = {}, false
        made = diagnosis(known, symptom, found)
        cause = drawn(made.belief.causes, made.belief.shares, random)
        until (findings = way.call(made, random)).empty?
          off ||= findings.any?(&:door_off?)
          findings.each { |finding| found[finding.key] = answer(made, finding, cause, random, odd) }
          made = diagnosis(known, symptom, found)
        end
        Asked.new(made.causes.index { |one| one.cause == cause }, found.length, made.minutes, off)
      end

      def diagnosis(known, symptom, found) = Diagnosis.new(known, symptoms: [symptom], findings: found, things: THINGS)

      def answer(made, finding, cause, random, odd)
        return if random.rand < odd
        return made.answers(finding).sample(random:) if random.rand < odd

        chances = made.likelihoods.of(finding, cause)
        drawn(chances.keys, chances.values, random)
      end

      def drawn(things, chances, random)
        left = random.rand * chances.sum
        things.zip(chances).find { |_, chance| (left -= chance) <= 0 }&.first || things.last
      end

      def line(name, asked)
        part = ->(count) { count * 100.0 / asked.length }
        format("%-34s first %5.1f %%  in three %5.1f %%  %4.1f questions  %4.1f min  door off %4.1f %%  (%d doors)",
          name, part.call(asked.count { |one| one.place.zero? }), part.call(asked.count { |one| one.place < THREE }),
          Timing.median(asked.map(&:questions).sort), Timing.median(asked.map(&:minutes).sort),
          part.call(asked.count(&:off)), asked.length)
      end
    end
  end
end
