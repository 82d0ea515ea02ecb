# frozen_string_literal: true

module YellowTrack
  module Adjust
    # What of a set is adjusted as one (handbook 8): a sliding panel at its
    # jamb, or a folding pair at its pivot jamb; with what was read of it.
    class Hung
      # Of a sliding panel, of a folding pair.
      GAPS = {slider: %w[top middle bottom], fold: %w[top bottom pivot lead]}.freeze
      CONTROLS = {slider: %w[left right], fold: %w[top bottom jack]}.freeze
      SLIDE = 1r / 2 # mm, that a pivot's slide is set to

      # @return [String] the panel's name; a pair's is that of its pivot panel
      attr_reader :name
      # @return [Panel]
      attr_reader :panel
      # @return [:slider, :fold]
      attr_reader :kind

      # @param plan [Plan]
      # @return [Array<Hung>] of all its panels or pairs, from the left
      def self.all(plan) = (plan.set.is_a?(Bifold) ? pivots(plan.set) : plan.set.panels).map { |panel| new(plan, panel) }

      # Those whose gaps show at a jamb: of lapping panels the outer ones.
      #
      # @return [Array<Hung>]
      def self.needed(plan) = all(plan).then { |list| plan.set.is_a?(Bypass) ? [list.first, list.last].uniq : list }

      # The pivot panels: the outer one of each pair.
      def self.pivots(set)
        return [set.panels.first, set.panels.last] if set.two_pairs?

        [(set.hand == "left") ? set.panels.first : set.panels.last]
      end

      def initialize(plan, panel)
        @plan = plan
        @set = plan.set
        @panel = panel
        @name = panel.name
        @kind = @set.is_a?(Bifold) ? :fold : :slider
        freeze
      end

      # What was read, as the opening holds it.
      def read = @plan.opening.hung(name)

      # The jamb whose gaps are read: the fitter's, else the nearest that the
      # panel closes to.
      #
      # @return ["left", "right"]
      def jamb = read["jamb"] || usual_jamb

      # Whether something hangs beside it, away from its jamb.
      def neighbour? = (kind == :fold) ? @set.two_pairs? : @set.is_a?(Bypass) && @set.panels.length > 1

      # Where its gaps are read, in words.
      def edge = (@set.is_a?(Pocket) && @set.double?) ? "the meet" : "the #{jamb} jamb"

      def gap_names = GAPS.fetch(kind)

      def controls = CONTROLS.fetch(kind)

      # @return [Array<String>] gaps not read yet
      def missing = gap_names.reject { |gap| read.dig("gaps", gap) }

      # Where an adjuster stands, 0 at mid.
      def at(control) = read.dig("at", control) || 0r

      # What a control is set by, at the least: a quarter turn, or part of a slot.
      #
      # @param per_turn [Numeric, nil]
      # @return [Numeric] mm
      def step(control, per_turn = nil)
        return SLIDE if kind == :fold && control != "jack"

        Adjust.step(@set.kit, per_turn)
      end

      # Whether a control is turned, and not set by a scale.
      def turned?(control) = !Adjust.slot?(@set.kit) && (kind == :slider || control == "jack")

      # Gaps under the lower corners: as read, else the plan's there, with the
      # adjusters where they stand.
      #
      # @return [Hash{String => Numeric}]
      def floor
        places = {"left" => panel.x, "right" => panel.right}
        places.to_h { |side, x| [side, read.dig("floor", side) || @set.floor_gap.at(x) + risen(side)] }
      end

      # What is to be done, by what was read.
      #
      # @param even [Numeric] mm that gaps may differ by
      # @param per_turn [Numeric, nil] where it was learnt
      # @return [Slider, Fold, nil] nil while readings are missing
      def answer(even: EVEN, per_turn: nil)
        return if missing.any?

        (kind == :slider) ? slider(even, per_turn) : fold(even)
      end

      private

      def usual_jamb
        return (Hung.pivots(@set).first.equal?(panel) && (@set.two_pairs? || @set.hand == "left")) ? "left" : "right" if kind == :fold
        return (@set.pocket_sides[@set.panels.index(panel)] == "left") ? "right" : "left" if @set.is_a?(Pocket)

        middle = (@set.panels.first.x + @set.panels.last.right) / 2
        ((panel.x + panel.right) / 2 <= middle) ? "left" : "right"
      end

      def inset = panel.rollers.first

      def risen(side)
        left, right = at("left"), at("right")
        left + (right - left) * ((side == "left") ? -inset : panel.width - inset) / (panel.width - 2 * inset)
      end

      def slider(even, per_turn)
        sliding = @set.is_a?(Bypass)
        Slider.new(kit: @set.kit, jamb:, gaps: read["gaps"], width: panel.width, height: panel.height, at: {"left" => at("left"), "right" => at("right")},
          floor: (floor unless rolls?), bumper: sliding ? @set.bumper : 0r, engagement: (@set.support.engagement if rolls?), tops: read["tops"] || {}, even:, per_turn:, inset:)
      end

      # A bottom-rolling panel keeps to its channel, not to the floor.
      def rolls? = @set.kit.support == "bottom-rolling"

      def fold(even)
        gaps = {"gt" => "top", "gb" => "bottom", "hp" => "pivot", "hl" => "lead"}.transform_values { |gap| read["gaps"].fetch(gap) }
        Fold.new(kit: @set.kit, width: panel.width, height: panel.height, gaps:, side_gap: @set.parts.dig(:pivots, :side_gap), top_gap: @set.kit.fetch("top_gap"),
          hinge: @set.hinge_gap, half_jamb: @set.half_jamb, school: @plan.opening["even"] && "even #{@plan.opening["even"]}", jack_at: at("jack"), even:)
      end
    end
  end
end
