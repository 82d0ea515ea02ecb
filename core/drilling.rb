# frozen_string_literal: true

module YellowTrack
  # Where a panel is drilled and grooved (handbook 7, "Drilling sheet"): the
  # panel lies face up, seen from the face that is drilled, and everything is
  # measured from one datum corner, running, never chained.
  class Drilling
    # A hole or a mark. edge "top", "bottom" or "face"; x from the datum edge,
    # y from the panel's bottom (a hole in an edge has none); pilot, diameter
    # of the hole that is drilled first; all mm.
    Hole = Struct.new(:for, :edge, :x, :y, :diameter, :depth, :pilot, keyword_init: true)

    # Along an edge, from the datum edge, mm.
    Groove = Struct.new(:edge, :from, :to, :width, :depth, keyword_init: true)

    SCREW_PILOT = 2.5r
    PILOT_SHARE = 2r # a hole over this many times a pilot's size is drilled first by half

    # @return [Panel]
    attr_reader :panel
    # @return [Array<Hole>] by edge, then from the datum edge
    attr_reader :holes
    # @return [Array<Groove>]
    attr_reader :grooves

    # One for each panel of a set.
    #
    # @param plan [Plan]
    # @return [Array<Drilling>]
    def self.of(plan) = plan.set.panels.map { |panel| new(plan.set, panel) }

    # @param set [Family]
    # @param panel [Panel]
    def initialize(set, panel)
      @set = set
      @panel = panel
      @holes = [*edge_holes, *hangers, *hinges, *handle, *aligner].sort_by { |hole| [%w[top bottom face].index(hole.edge), hole.x] }.freeze
      @grooves = [groove].compact.freeze
      freeze
    end

    # The edge that everything is measured from: a bifold panel's hinge edge
    # is where its neighbour's is, so both are marked from it.
    def datum = "left"

    private

    # Pivots and guide pins, drilled into an edge, centred in the thickness.
    def edge_holes
      panel.holes.to_a.map do |hole|
        Hole.new(for: hole[:for], edge: hole[:edge], x: from_left(hole), y: nil, diameter: hole[:diameter], depth: hole[:depth], pilot: pilot(hole[:diameter]))
      end
    end

    # A pivot or lead edge is the one away from the hinge.
    def from_left(hole) = left_outer? ? hole[:at] : panel.width - hole[:at]

    # Whether the panel's left edge is its pivot or lead edge, not its hinge
    # edge: panels fold together in twos from the left.
    def left_outer? = @set.panels.index(panel).even?

    def pilot(diameter) = (diameter > SCREW_PILOT * PILOT_SHARE) ? diameter / 2 : SCREW_PILOT

    # A hanger's or a roller's centre on the edge that carries the panel.
    def hangers
      return [] unless panel.rollers

      edge = (@set.kit.support == "bottom-rolling") ? "bottom" : "top"
      panel.rollers.map { |x| Hole.new(for: (edge == "top") ? "hanger" : "roller", edge:, x:, y: nil, diameter: nil, depth: nil, pilot: SCREW_PILOT) }
    end

    def hinges
      return [] unless bifold?

      @set.hinges.map { |y| Hole.new(for: "hinge, closet face", edge: "face", x: hinge_edge, y:, diameter: nil, depth: nil, pilot: SCREW_PILOT) }
    end

    def bifold? = @set.is_a?(Bifold)

    def hinge_edge = left_outer? ? panel.width : 0r

    # The lead panel has the handle; a sliding one its pull, where the fitter
    # likes it.
    def handle
      return [] unless bifold? && panel.holes.any? { |hole| hole[:from] == "lead" }

      x = left_outer? ? panel.width - @set.handle_at : @set.handle_at
      [Hole.new(for: "handle", edge: "face", x:, y: Bifold::HANDLE - @set.gap, diameter: nil, depth: nil, pilot: SCREW_PILOT)]
    end

    def aligner
      return [] unless bifold? && @set.two_pairs? && panel.holes.any? { |hole| hole[:from] == "lead" }

      [Hole.new(for: "aligner, closet face", edge: "face", x: left_outer? ? 0r : panel.width, y: Bifold::ALIGNER.to_r, diameter: nil, depth: nil, pilot: SCREW_PILOT)]
    end

    # The fin's groove runs the whole foot.
    def groove
      guides = @set.is_a?(Bypass) ? @set.guides : nil
      return unless guides&.groove?

      Groove.new(edge: "bottom", from: 0r, to: panel.width, width: guides.groove_width, depth: guides.groove_depth)
    end
  end
end
