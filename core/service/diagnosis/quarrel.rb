# frozen_string_literal: true

module YellowTrack
  class Diagnosis
    # Answers that go ill together (handbook 13, "Quarrel"): by how many bits each is rarer than the
    # likeliest in its place, by all others; and the two without which the others lack least.
    class Quarrel
      LEAST = 3 # answers
      MOST = 6 # bits that answers may lack in all

      # @return [Float] bits that all answers lack
      attr_reader :bits

      # @param start [Belief] before anything was found
      # @param taken [Array<Taken>]
      # @return [Quarrel, nil] nil while the answers go together
      def self.in(start, taken)
        return if taken.length < LEAST

        made = new(start, taken)
        made if made.bits > MOST
      end

      # @param start [Belief] before anything was found
      # @param taken [Array<Taken>] three answers at the least
      def initialize(start, taken)
        @start, @taken = start, taken
        @likely = taken.map(&:chances)
        @bits = lacking(places).values.sum
      end

      # The two to be asked again, the one that helps most first.
      #
      # @return [Array<Taken>]
      def answers
        @answers ||= places.sort_by { |one| [lacking(places - [one]).values.sum.round(DECIMALS), one] }.first(2)
          .map { |one| @taken[one] }
      end

      # By how much each answer is rarer than the likeliest would be there, bits.
      #
      # @return [Hash{Taken => Float}]
      def lacks = lacking(places).transform_keys { |one| @taken[one] }

      # @return [Hash] as it stands in the file of a diagnosis
      def to_h = {"bits" => bits.round(DECIMALS), "findings" => answers.map { |one| one.finding.key }}

      # @return [String] short: a book of causes hangs on it
      def inspect = "#<quarrel #{bits.round(1)}>"

      private

      def places = (0...@taken.length).to_a

      # By how much each of some answers lacks, by the others of them.
      def lacking(some) = some.to_h { |one| [one, lack(one, some - [one])] }

      def lack(one, others)
        shares = others.reduce(@start.shares) { |all, other| product(all, @likely[other][@taken[other].answer]) }
        chances = @likely[one].transform_values { |likely| product(shares, likely).sum }
        -Math.log2(chances.fetch(@taken[one].answer) / chances.values.max)
      end

      def product(some, others) = some.each_with_index.map { |number, place| number * others[place] }
    end
  end
end
