# frozen_string_literal: true

module YellowTrack
  module Adjust
    # What of a set is adjusted as one, with what was read of it (handbook 8): a
    # sliding panel at its jamb, or a folding pair at its pivot jamb.
    class Reading
      # @return [Panel] a pair's is its pivot panel
      attr_reader :panel

      # @param set [Family]
      # @param panel [Panel]
      def initialize(set, panel)
        @set, @panel = set, panel
        freeze
      end

      # @return [String] "A", or the pair's "A and B"
      def name = panel.name

      # @return [Kit] whose adjusters these are
      def kit = @set.kit

      # What was read, as the opening holds it.
      def read = @set.opening.hung(name)

      # The jamb whose gaps are read: the fitter's, else the one that it closes
      # to.
      #
      # @return ["left", "right"]
      def jamb = read["jamb"] || @set.jamb_of(panel)

      # Whether something hangs beside it, away from its jamb.
      def neighbour? = @set.neighbours?

      # Where its gaps are read, in words.
      def edge = @set.read_at(panel, jamb)

      # @return [Array<String>] of all its gaps, and those not read yet
      def gap_names = self.class::GAPS

      # @return [Array<String>] the gaps that are not read yet: no move is worked out before
      def missing = gap_names.reject { |gap| read.dig("gaps", gap) }

      # @return [Array<String>] what is turned or slid
      def controls = self.class::CONTROLS

      # Where an adjuster stands, 0 at mid.
      def at(control) = read.dig("at", control) || 0r

      # What a control is set by, at the least: a quarter turn, or part of a slot.
      #
      # @param per_turn [Numeric, nil] where it was learnt
      # @return [Numeric] mm
      def step(_control, per_turn = nil) = Adjust.step(kit, per_turn)

      # Whether a control is turned, and not set by a scale.
      def turned?(_control) = !Adjust.slot?(kit)

      # How far a control can go from mid, down and up, mm; nil for no end.
      #
      # @return [Array(Numeric, Numeric), nil]
      def range(_control) = [-kit.fetch("adjust.down"), kit.fetch("adjust.up")]

      # What is to be done, by what was read.
      #
      # @param even [Numeric] mm that gaps may differ by
      # @param per_turn [Numeric, nil] where it was learnt
      # @return [Slider, Fold, nil] nil while readings are missing
      def answer(even: EVEN, per_turn: nil) = missing.any? ? nil : answered(even, per_turn)
    end
  end
end
