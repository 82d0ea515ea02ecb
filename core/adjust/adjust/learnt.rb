# frozen_string_literal: true

module YellowTrack
  module Adjust
    # What an opening's moves say of its kit's screws (handbook 8, "Learning the
    # kit"): the real mm a turn, and moves that changed nothing.
    class Learnt
      OFF = 15r / 100 # by which the kit's figure may differ
      SLIP = 20r / 100 # of what was due; less is a slip
      LEAST = 1 # turns; fewer tell more of the reading than of the screw
      NEEDED = 2 # moves

      # A move of a slider and the reading that followed it.
      #
      # turns  by which the right hanger was raised more than the left one
      # taper, found  before and after, mm, as seen at a right jamb
      # spacing, height  S and Hp, mm
      Made = Struct.new(:turns, :taper, :found, :spacing, :height, keyword_init: true) do
        # mm a turn that it comes to.
        def per_turn = (found - taper) * spacing / height / turns
      end

      # @param kit [Kit]
      # @param moves [Array<Made>] oldest first
      def initialize(kit, moves)
        @kit = kit
        @moves = moves.select { |one| one.turns.abs >= LEAST }
      end

      # Each move's figure.
      #
      # @return [Array<Numeric>] mm a turn
      def figures = @moves.map(&:per_turn)

      # @return [Numeric, nil] their median, of the moves that did not slip
      def median
        sorted = @moves.reject { |one| slipped?(one) }.map(&:per_turn).sort
        return if sorted.empty?

        (sorted[(sorted.length - 1) / 2] + sorted[sorted.length / 2]) / 2
      end

      # @return [Numeric, nil] what to reckon with instead of the kit's figure; of a
      #   kit that is not known, from the first move on
      def used
        held = @moves.reject { |one| slipped?(one) }
        return median if @kit.unknown?
        return if held.length < NEEDED || sheet.nil?

        ((median - sheet).abs > OFF * sheet) ? median : nil
      end

      # @return [Boolean] whether the latest move changed next to nothing
      def slips? = @moves.any? && slipped?(@moves.last)

      private

      def sheet = @kit["adjust.per_turn"]

      def slipped?(move) = move.per_turn < SLIP * sheet
    end
  end
end
