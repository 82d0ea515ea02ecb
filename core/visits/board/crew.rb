# frozen_string_literal: true

require "forwardable"

module YellowTrack
  class Board
    # A crew: how many people, and the clock that it works by (handbook 17).
    class Crew
      extend Forwardable

      # @return [String]
      attr_reader :key
      # @return [Integer]
      attr_reader :people

      def_delegators :@clock, :works?, :minutes, :full_day, :opens, :closes, :work, :driven, :begun,
        :back_from, :between

      # @param key [String]
      # @param people [Integer]
      # @param clock [Clock]
      def initialize(key:, people:, clock:)
        @key, @people, @clock = key, people, clock
      end

      # @return [Integer] minutes between its first hour and its last
      def long = @clock.hours.last - @clock.hours.first
    end
  end
end
