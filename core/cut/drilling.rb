# frozen_string_literal: true

module YellowTrack
  # Where a panel is drilled and grooved (handbook 7, "Drilling sheet"): it lies
  # with the face up that is drilled, seen from that face, and everything is
  # measured from one datum edge, running, never chained. A face that has marks
  # of its own has a view of its own (handbook 15, "On the sheets and screens").
  class Drilling
    # A hole or a mark. edge "top", "bottom" or "face"; x from the datum edge,
    # y from the panel's bottom (a hole in an edge has none); pilot, diameter
    # of the hole that is drilled first, nil for a line that is not drilled; all mm.
    Hole = Struct.new(:for, :edge, :x, :y, :diameter, :depth, :pilot, keyword_init: true)

    # What a set puts on a panel's face: what it is, which face ("room" or
    # "closet"), how far from the datum edge and above the panel's bottom, mm.
    Mark = Struct.new(:for, :face, :at, :up)

    # Along an edge, from the datum edge, mm.
    Groove = Struct.new(:edge, :from, :to, :width, :depth, keyword_init: true)

    SCREW_PILOT = 2.5r
    PILOT_SHARE = 2r # a hole over this many times a pilot's size is drilled first by half
    EDGES = %w[top bottom face].freeze

    # @return [Panel]
    attr_reader :panel
    # @return ["room", "closet"] the face that is seen
    attr_reader :face
    # @return [Array<Hole>] by edge, then from the datum edge
    attr_reader :holes
    # @return [Array<Groove>]
    attr_reader :grooves

    # One for each face of each panel of a set.
    #
    # @param plan [Plan]
    # @return [Array<Drilling>]
    def self.of(plan) = plan.set.panels.flat_map { |panel| plan.set.faces.map { |face| new(plan.set, panel, face) } }

    # @param set [Family]
    # @param panel [Panel]
    # @param face ["room", "closet"]
    def initialize(set, panel, face = "room")
      @set, @panel, @face = set, panel, face
      @holes = [*(edge_holes + hangers + strikers if first?), *marks]
        .sort_by { |hole| [EDGES.index(hole.edge), hole.x] }.freeze
      @grooves = [(groove if first?)].compact.freeze
      freeze
    end

    # The edge that everything is measured from: "left edge", "pivot edge".
    def datum = @set.datum_of(panel)

    # How both edges are called, from the left as the face is seen.
    #
    # @return [Array(String, String)]
    def edges = @set.edges_of(panel, face)

    # Whether the datum edge is at the left of the view.
    def datum_at_left? = edges.first == datum

    private

    # Edges are drilled with the room's face up.
    def first? = face == @set.faces.first

    # Pivots and guide pins, drilled into an edge, centred in the thickness.
    def edge_holes
      panel.holes.to_a.map do |hole|
        Hole.new(for: hole[:for], edge: hole[:edge], x: hole[:at], y: nil, diameter: hole[:diameter],
          depth: hole[:depth],
          pilot: pilot(hole[:diameter]))
      end
    end

    def pilot(diameter) = (diameter > SCREW_PILOT * PILOT_SHARE) ? diameter / 2 : SCREW_PILOT

    # A hanger's or a roller's centre on the edge that carries the panel, and where its
    # plate's ends come to.
    def hangers
      edge = @set.carried_by
      name = (edge == "top") ? "hanger" : "roller"
      panel.rollers.to_a.flat_map do |x|
        [marked(name, edge, x, y: nil), *plate_edges(x).map { |at| line("#{name}'s edge", edge, at) }]
      end
    end

    def plate_edges(x)
      length = @set.kit["hanger.length"]
      (length && @set.carried_by == "top") ? [x - length / 2, x + length / 2] : []
    end

    # What a soft close's dampers catch.
    def strikers
      (@set.soft_close&.on(panel)&.strikers || []).map { |x| marked("striker", "top", x, y: nil) }
    end

    def marks
      @set.face_marks(panel).select { |mark| mark.face == face }.map do |mark|
        marked(mark.for, "face", mark.at, y: mark.up)
      end
    end

    def marked(purpose, edge, x, y:)
      Hole.new(for: purpose, edge:, x:, y:, diameter: nil, depth: nil, pilot: SCREW_PILOT)
    end

    # A line to lay something to, not drilled.
    def line(purpose, edge, x) = Hole.new(for: purpose, edge:, x:, y: nil, diameter: nil, depth: nil, pilot: nil)

    # The fin's groove runs the whole foot.
    def groove
      return unless @set.grooved?

      Groove.new(edge: "bottom", from: 0r, to: panel.width, width: @set.guides.groove_width,
        depth: @set.guides.groove_depth)
    end
  end
end
