# frozen_string_literal: true

module YellowTrack
  module Bench
    # Made-up doors, their cause drawn by its weight, their answers by the knowledge base's own likelihoods (it
    # proves the rules, not the weights): how often the named cause is the true one, what was said of it, what it cost
    # there, how often a cause that no file knows is named all the same.
    class Services
      DOORS = 20 # for every family and symptom
      SEED = 1
      ODD = 0.1 # share of answers at random, and of those not known, where they are
      SHARP = 0.3 # by which the file's likelihoods are too sharp, where they are: the true ones are so much flatter
      LONGEST = 40 # questions, of a door that is asked all there is

      # One door, asked to the end: whether a cause was named, what was said of the first, whether that is
      # true and whether the first is, what it cost.
      Asked = Struct.new(:named, :said, :right, :first, :questions, :minutes)

      # A door as it is: causes that ail it, things that it has, how its answers are drawn.
      Made = Struct.new(:known, :symptom, :causes, :things, :odd, :sharp, keyword_init: true)

      # @return [Array<String>] a line of figures each
      def call
        [*Answers.new.call, line("by the file", doors), line("a tenth at random, a tenth not known", doors(odd: ODD)),
          line("likelihoods 30 % too sharp", doors(sharp: SHARP)),
          outside("a cause not in the file", doors(none: true)), outside("its cause struck out of it", struck), two]
      end

      private

      def random = @random ||= Random.new(SEED)

      # Doors of every family and symptom.
      def doors(none: false, **drawn)
        @random = Random.new(SEED)
        pairs.flat_map do |known, symptom|
          Array.new(DOORS) { made(known, symptom, none ? [known.none] : [cause_of(known, symptom)], **drawn) }
        end
      end

      def pairs
        Files::Knowledge.all.families.flat_map do |family|
          known = Files::Knowledge.of(family)
          known.symptoms.each_key.map { |symptom| [known, symptom] }
        end
      end

      def made(known, symptom, causes, odd: 0, sharp: 0)
        needed = [known.symptoms.fetch(symptom).if, *causes.map(&:if)]
        things = known.things.to_h { |key, thing| [key, needed.include?(key) || random.rand < thing.chance] }
        Made.new(known:, symptom:, causes:, things:, odd:, sharp:)
      end

      # A cause by its weight, among those that such a door can have.
      def cause_of(known, symptom, without: [])
        start = Diagnosis.new(known, symptoms: [symptom], mended: without)
        causes, shares = start.start.causes, start.start.shares
        drawn(causes[...-1], shares[...-1])
      end

      # A door whose cause the file does not have any more.
      def struck
        doors.map do |door|
          left = door.known.causes.reject { |key, _| key == door.causes.first.key }
          Made.new(**door.to_h, known: without(door.known, left))
        end
      end

      def without(known, causes)
        known.dup.tap { |copy| copy.instance_variable_set(:@causes, causes) }
      end

      def asked(door)
        now, questions = through(door)
        came(door, now, questions)
      end

      # Asked to the end; how many questions that took.
      def through(door, out = [])
        found, things, questions = {}, {}, 0
        now = diagnosis(door, found, things, mended: out)
        while now.next && questions < LONGEST
          questions += 1
          tell(door, now, found, things)
          now = diagnosis(door, found, things, mended: out)
        end
        [now, questions]
      end

      # What is asked next, as the door gives it.
      def tell(door, now, found, things)
        thing = now.next.thing
        return things[thing.key] = door.things.fetch(thing.key) if thing

        found[now.next.finding.key] = answer(door, now, now.next.finding)
      end

      def diagnosis(door, found, things, mended: [])
        Diagnosis.new(door.known, symptoms: [door.symptom], findings: found, things:, mended:)
      end

      def came(door, now, questions)
        true_ones = door.causes.map(&:key)
        named = now.ended == "named"
        Asked.new(named, now.first&.share, named && true_ones.include?(now.first.cause.key),
          true_ones.include?(now.first&.cause&.key), questions, now.minutes)
      end

      # As the door gives it: of two causes by one of them.
      def answer(door, now, finding)
        return if random.rand < door.odd
        return now.answers(finding).sample(random:) if random.rand < door.odd

        speaking = door.causes.select { |cause| cause.evidence.key?(finding.key) }
        cause = (speaking.empty? ? door.causes : speaking).sample(random:)
        chances = Diagnosis::Likelihoods.new(now.door.said).of(finding, cause)
        drawn(chances.keys, chances.values.map { |chance| chance**(1 - door.sharp) })
      end

      def drawn(things, chances)
        left = random.rand * chances.sum
        things.zip(chances).find { |_, chance| (left -= chance) <= 0 }&.first || things.last
      end

      def line(name, doors)
        all = doors.map { |door| asked(door) }
        named = all.select(&:named)
        format("%-38s named %5.1f %%, right of them %5.1f %%, said %5.1f %%  first right %5.1f %%  %d questions  " \
          "%4.1f min  (%d doors)", name, part(named, all), part(named.select(&:right), named),
          100 * named.sum(&:said) / named.length, part(all.select(&:first), all),
          Timing.median(all.map(&:questions).sort), Timing.median(all.map(&:minutes).sort), all.length)
      end

      def outside(name, doors)
        all = doors.map { |door| asked(door) }
        format("%-38s named all the same %5.1f %%  (%d doors)", name, part(all.select(&:named), all), all.length)
      end

      # Two causes at once: the first that is mended, and both out in two.
      def two
        ends = doors.map { |door|
          other = cause_of(door.known, door.symptom, without: [door.causes.first.key])
          mended(Made.new(**door.to_h, causes: [door.causes.first, other].compact))
        }
        format("%-38s first mend is one %5.1f %%, both out in two %5.1f %%  (%d doors)", "two causes",
          part(ends.select { |right, _| right.positive? }, ends), part(ends.select { |right, all| right == all }, ends),
          ends.length)
      end

      # How many of its causes are out after as many mends, each asked anew.
      def mended(door)
        left = door.causes.dup
        out = []
        door.causes.length.times do |turn|
          now, = through(Made.new(**door.to_h, causes: left.empty? ? door.causes : left), out)
          cause = now.mends.first || now.first&.cause or break
          out << cause.key
          hit = left.reject! { |one| one.key == cause.key }
          break if turn.zero? && hit.nil?
        end
        [door.causes.length - left.length, door.causes.length]
      end

      def part(some, all) = some.length * 100.0 / all.length
    end
  end
end
