# frozen_string_literal: true

module YellowTrack
  class Visits
    # How long a better plan is looked for: seconds by the clock, or looks counted, of which as
    # many as a second holds. What is counted finds the same on every machine, however busy.
    class Patience
      LOOKS = 15_000 # rows of a day's works that are made in a second

      # @return [Numeric] seconds that may be looked
      attr_reader :seconds

      # @param seconds [Numeric]
      # @return [Patience] that counts the looks of so many seconds
      def self.counted(seconds) = new(seconds, counted: true)

      # @param seconds [Numeric]
      # @param counted [Boolean] whether looks are counted, not the clock asked
      def initialize(seconds, counted: false)
        @seconds, @counted, @looks = seconds, counted, 0
        @finish = clock + seconds
      end

      # Whether nothing is searched for: the first plan stands.
      def none? = seconds.zero?

      # A share of it, or so many seconds at most, from now on.
      #
      # @return [Patience]
      def part(share, most: seconds) = Patience.new([seconds * share, most].min, counted: @counted)

      # Looks again.
      #
      # @param looks [Numeric] that were taken since it was last asked
      # @return [Boolean]
      def over?(looks = 1)
        return clock > @finish unless @counted

        @looks += looks
        @looks > seconds * LOOKS
      end

      private

      def clock = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    end
  end
end
