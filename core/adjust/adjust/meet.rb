# frozen_string_literal: true

module YellowTrack
  module Adjust
    # What the leads of folding pairs come to once their slides and jacks are set (handbook 8): the gap between two
    # pairs that meet, with both meeting stiles at one height within EVEN; of one pair the gap at the strike.
    class Meet
      # @param pairs [Array<Fold>] from the left: one, or two that meet
      # @param top [Numeric, nil] the gap as it was read, mm
      # @param bottom [Numeric, nil]
      def initialize(*pairs, top: nil, bottom: nil)
        @pairs = pairs
        @top, @bottom = top, bottom
        freeze
      end

      # Whether two pairs meet.
      def two? = @pairs.length == 2

      # How much lower the left meeting stile hangs once both moves are made, mm; 0 of one pair.
      def step = two? ? @pairs.first.expected["hl"] - @pairs.last.expected["hl"] : 0

      # The pair to raise further, and by how much; nil where they are level.
      #
      # @return [Array(Symbol, Numeric), nil]
      def raise_further
        return if step.abs <= EVEN

        step.positive? ? [:left, step] : [:right, -step]
      end

      # The gap once the moves are made: it closes by what each pair's pivots go away from their jambs.
      #
      # @return [Hash{String => Numeric}, nil] nil where it was not read
      def expected
        return unless @top && @bottom

        {"top" => @top - @pairs.sum(&:top_slide), "bottom" => @bottom - @pairs.sum(&:bottom_slide)}
      end

      # @return [Boolean] whether what was read between two pairs is even; true where nothing was, and of one pair,
      #   whose strike may lean as it likes
      def even?(within = EVEN) = !two? || @top.nil? || @bottom.nil? || (@top - @bottom).abs <= within
    end
  end
end
