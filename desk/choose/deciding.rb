# frozen_string_literal: true

module YellowTrack
  module Desk
    # Which facts that nobody read decide most: for each how many of the ways that were tried here wait for it
    # (handbook 3, "Facts first").
    class Deciding
      MOST = 3

      # key, of the fact; ways, how many wait for it; manners, which ones, the most first
      Fact = Struct.new(:key, :ways, :manners, keyword_init: true)

      # @param opening [KeptOpening]
      def initialize(opening)
        @opening = opening
      end

      # @return [Array<Fact>] three at the most, what decides most first; none while nothing can be tried
      def facts
        @facts ||= waiting.sort_by { |key, ways| [-ways.length, order(key)] }.first(MOST)
          .map { |key, ways| Fact.new(key:, ways: ways.length, manners: manners(ways)) }
      end

      private

      # Ways by each fact that they wait for.
      def waiting
        tried.each_with_object({}) do |way, found|
          way.unread.each { |fact| (found[fact.key] ||= []) << way }
        end
      end

      def tried
        return [] unless @opening.survey.complete? || @opening.survey.planned?

        choice = SetChoice.new(@opening).choice
        choice.is_a?(Fault) ? [] : choice.ranked.select { |way| way.state == "if" }
      end

      def manners(ways) = ways.map(&:manner).tally.sort_by { |_, count| -count }.map(&:first)

      def order(key) = Facts::TABLE.keys.index(key)
    end
  end
end
