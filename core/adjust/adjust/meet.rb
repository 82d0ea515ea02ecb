# frozen_string_literal: true

module YellowTrack
  module Adjust
    # Two bifold pairs that meet (handbook 8): both meeting stiles at one height
    # within EVEN, the gap between them even from top to bottom.
    class Meet
      # @param left [Fold] the pair that pivots at the left jamb
      # @param right [Fold] and at the right one
      # @param top [Numeric, nil] the gap between them, mm
      # @param bottom [Numeric, nil]
      def initialize(left, right, top: nil, bottom: nil)
        @pairs = {left:, right:}
        @top, @bottom = top, bottom
        freeze
      end

      # How much lower the left meeting stile hangs once both moves are made, mm.
      def step = @pairs[:left].expected["hl"] - @pairs[:right].expected["hl"]

      # The pair to raise further, and by how much; nil where they are level.
      #
      # @return [Array(Symbol, Numeric), nil]
      def raise_further
        return if step.abs <= EVEN

        step.positive? ? [:left, step] : [:right, -step]
      end

      # The gap between them once both moves are made: it closes by what each
      # pair's pivots go away from their jambs.
      #
      # @return [Hash{String => Numeric}, nil] nil where it was not read
      def expected
        return unless @top && @bottom

        {"top" => @top - @pairs.values.sum(&:top_slide), "bottom" => @bottom - @pairs.values.sum(&:bottom_slide)}
      end

      # @return [Boolean] whether what was read is even; true where nothing was
      def even?(within = EVEN) = @top.nil? || @bottom.nil? || (@top - @bottom).abs <= within
    end
  end
end
