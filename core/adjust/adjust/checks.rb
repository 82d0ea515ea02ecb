# frozen_string_literal: true

module YellowTrack
  module Adjust
    # What a hung panel's answer has to say beside the move: limits that stop
    # it, with what would cure them (handbook 8).
    class Checks
      # @return [Hash{Symbol => Class}] by how the panels go
      def self.kinds = @kinds ||= {slide: Sliding, fold: Folding}.freeze

      # Those of a panel that slides, or of a pair that folds.
      #
      # @param reading [Reading]
      # @param answer [Slider, Fold]
      # @param learnt [Learnt]
      # @param printer [Length::Printer]
      # @return [Checks]
      def self.of(reading, answer, learnt, printer:) = kinds.fetch(reading.motion).new(answer, learnt, printer)

      # @param learnt [Boolean] whether a turn of this kit was measured here
      def initialize(answer, learnt, printer)
        @answer, @learnt, @printer = answer, learnt, printer
      end

      # @return [Array<Check>]
      def found = [*@answer.codes.filter_map { |code| stop(code) }, *others].compact

      private

      def check(code, level, says, cure:) = Check.new(code:, level:, says:, do: cure).freeze

      def len(mm) = @printer.with_unit(mm)

      def others = []
    end
  end
end
