# frozen_string_literal: true

module YellowTrack
  # A bifold set sized for an opening (handbook 5): one pair that folds to a
  # jamb, or two that meet in the middle.
  class Bifold < Family
    USUAL_FIT = "plumb"
    KNUCKLE = 8r # mm of a hinge behind the panels

    # @return [Terms]
    attr_reader :terms
    # @return [Gaps] at the jamb, the hinge and the lead
    attr_reader :gaps
    # @return [Fold] the panels seen from above as they fold
    attr_reader :fold
    # @return [Rational] head allowance as it comes out, A', mm
    attr_reader :head_allowance
    # @return [Array<Rational>] x of every pivot
    attr_reader :pivots
    # @return [Fittings] hinges, handle, aligners
    attr_reader :fitted
    # @return [Rational] the track's centre line behind the half jamb's back, or
    #   behind the panels' front face, mm
    attr_reader :track_line
    # @return [Rational, nil] what is seen over a panel under the half jamb, mm
    attr_reader :top_seen
    # @return [Rational, nil] how much of a panel's edge the half jamb hides, mm
    attr_reader :hidden

    # @param brief [Brief]
    # @raise [Fault] for a number of panels that makes no pairs
    def initialize(brief)
      super
      @terms = Terms.new(opening, thickness)
      @sizing = Sizing.new(brief, usual: USUAL_FIT)
      @gaps = Gaps.new(self)
      hang
      weigh(width, height)
      @fold = Fold.new(work, terms, gaps, sizing:)
      place
      @fitted = Fittings.new(self)
      behind_strip
      reach
      in_the_depth
      follow
    end

    # P, mm
    def width = gaps.width

    # Whether a pair folds to either side.
    def two_pairs? = terms.two_pairs?

    # The side a single pair turns at.
    def hand = terms.hand

    # Half jamb's thickness w, mm; nil without one.
    def half_jamb = terms.half_jamb

    # @return [Rational] mm that stand in the opening before a gap begins
    def planted = half_jamb || 0r

    # @return [Rational] mm that stand in the opening before a gap begins
    def before_jambs = planted

    # @return [Rational] mm of floor that a folded pair sweeps over
    def floor_in_front = fold.projection

    # Depth that the set takes of the opening, mm.
    attr_reader :depth_needed

    # @return [Rational] mm of the jamb's depth
    def depth_taken = depth_needed

    # @return [String] what is screwed to the floor
    def floor_parts = "bracket"

    # @return [Array<Rational>] mm through which light is seen when all is shut
    def left_open = [gaps.last]

    # Two pivot slides and a jack a pair.
    def labour = super.merge(adjusters: 3 * terms.pairs)

    # @return [Hash{String => Integer}] what is bought in pieces
    def fittings = super.merge("hinges" => fitted.hinges.length * terms.pairs)

    # @return [Hash{String => Integer}] what comes in the kit's box
    def hardware
      {"top pivots" => terms.pairs, "bottom pivots with jack" => terms.pairs, "guide pins" => terms.pairs,
       "floor brackets" => terms.pairs, "handles" => terms.pairs, "aligners" => two_pairs? ? 1 : 0}
    end

    # @return [Moves::Folding] what opens when a pair folds
    def moves(wanted = {}) = Moves::Folding.new(self, wanted)

    # Each pair is adjusted as one, at its pivot panel.
    def readings = pivot_panels.map { |panel| Adjust::Reading::Folding.new(self, panel) }

    # @return [Array<String>] without which nothing is sized
    def needed_readings = readings

    # The jamb that a pivot panel turns at.
    def jamb_of(panel) = if two_pairs? ? panel.equal?(panels.first) : hand == "left"
                           "left"
                         else
                           "right"
                         end

    # Whether a gap is shared with another pair.
    def neighbours? = two_pairs?

    # The family's own sections of the plan file.
    def parts
      {panels: panels.map(&:to_h), meets: meets.map(&:to_h), track: track_parts, gap:, engagement: nil, lift_room: nil,
       depth: {needed: depth_needed, available: brief.survey["depth"], pivot_line: @pivot_line},
       reach: {widest:, share:, bays: bays.map(&:to_h)}, pivots: pivot_parts,
       fold: {**fold.to_h, lead_gap: gaps.lead, meet_gap: gaps.meet}, fittings: fitted.to_h, **shared_parts}
    end

    # @return [Array<Meet>]
    def meets = two_pairs? ? [Meet.new(between: panels[1..2].map(&:name), gap: gaps.meet)] : []

    # The pivot panels: the outer one of each pair.
    #
    # @return [Array<Panel>]
    def pivot_panels = if two_pairs?
                         panels.values_at(0, -1)
                       else
                         [(hand == "left") ? panels.first : panels.last]
                       end

    # The lead panels, from the left.
    def lead_panels = panels - pivot_panels

    # Whether a panel's hinge edge is its right one, as seen from the room:
    # panels fold together in twos from the left.
    def hinged_at_right?(panel) = panels.index(panel).even?

    # The closet face has a drilling view of its own: hinges are on it.
    def faces = %w[room closet]

    # From the edge away from the hinge: the pivot's or the lead's.
    def datum_of(panel) = pivot_panels.include?(panel) ? "pivot edge" : "lead edge"

    # @return [Array<String>] the edges that a place on the panel is measured from
    def edges_of(panel, face)
      edges = [datum_of(panel), "hinge edge"]
      (hinged_at_right?(panel) == (face == "room")) ? edges : edges.reverse
    end

    # Hinges, and behind meeting stiles aligners, on the closet face; the lead
    # panel's handle on the room's.
    def face_marks(panel)
      hinged = fitted.hinges.map { |up| Drilling::Mark.new("hinge", "closet", width, up) }
      return hinged unless lead_panels.include?(panel)

      handle = Drilling::Mark.new("handle", "room", width - fitted.handle_at, fitted.handle_up)
      aligner = fitted.aligner && Drilling::Mark.new("aligner", "closet", 0r, fitted.aligner)
      [*hinged, handle, aligner].compact
    end

    private

    # With a half jamb the panels swing out under its head piece.
    def hang
      allowance = brief.from_kit("head_allowance", "Head allowance, A")
      @head_allowance = half_jamb ? under_strip(allowance) : allowance
      @heights = Heights.under_head(brief, sizing, head_allowance: @head_allowance)
    end

    def under_strip(allowance)
      work.sum("pivots.head_allowance", "Head allowance under the half jamb, A'",
        "most(allowance, half jamb + top gap)",
        allowance:, half_jamb:, top_gap: kit.fetch("top_gap"), why: "The panel swings out under the strip at the head.")
    end

    def place
      placing = Placing.new(self)
      @panels = placing.panels
      @pivots = placing.pivots
      @track = maker.between_jambs(lowered: head_allowance - kit.fetch("head_allowance")) do |start, length|
        pieces(start, length)
      end
      @track_line = work.sum("pivots.track_line", "Track's centre line", "setback + thickness ÷ 2", thickness:,
        setback: half_jamb ? terms.setback : 0r, why: "Behind the half jamb's back, or the panels' front face.")
    end

    # Two tracks meet in the middle, at a mark of the grain or next left.
    def pieces(start, length)
      pins = pins(start)
      return maker.pieces(length, pins) unless two_pairs?

      left = Length.down(length / 2, brief.grain)
      maker.pieces(left, pins) + maker.pieces(length - left, pins.map { |pin| pin - left })
    end

    # Where pivots and guide pins stand, closed and folded, from the track's
    # left end.
    def pins(start)
      left, right = sizing.jambs
      fold.pins.flat_map do |pin|
        (if two_pairs?
           [left + pin, right - pin]
         else
           [(hand == "left") ? left + pin : right - pin]
         end).map { |x| x - start }
      end
    end

    def pivot_parts
      {side_gap: gaps.side, least_corner: gaps.least_corner, least_half_jamb: gaps.least_half_jamb, at: pivots, hidden:,
       track_line:, top_seen:}
    end

    # From the opening's front plane into the closet: the half jamb and its setback
    # first, or the set's own (handbook 15, "Where things stand in the depth").
    def in_the_depth
      before = half_jamb ? {half_jamb: terms.half_jamb_depth, setback: terms.setback} :
        {half_jamb: 0r, setback: opening["setback"] || 0r}
      @depth_needed = work.sum("depth.needed", "Depth needed", "half jamb + setback + thickness + knuckle",
        **before, thickness:, knuckle: KNUCKLE, why: "The hinges' knuckles stand behind the panels.")
      @pivot_line = work.sum("depth.pivot_line", "Pivots' line", "half jamb + setback + thickness ÷ 2", **before,
        thickness:, why: "From the front into the closet.")
    end

    def behind_strip
      return unless half_jamb

      @top_seen = work.sum("pivots.top_seen", "Seen over the panels", "head allowance − half jamb", head_allowance:,
        half_jamb:,
        why: "What is open under the strip at the head.")
      @hidden = work.sum("pivots.hidden", "Hidden by the half jamb", "half jamb − side gap", half_jamb:,
        side_gap: gaps.side,
        why: "How much of the panel's edge stands behind it.")
    end

    def reach
      @bays = bays_behind(*clear_part)
      @widest = work.sum("reach.widest", "Widest clear opening", "most(clear, 0)", clear: fold.clear,
        why: "What the fold leaves clear.")
      shared(sizing.width)
    end

    # Where what is clear lies, and how it is cut off by half jambs.
    #
    # @return [Array(Numeric, Numeric)] from and to along the floor, mm
    def clear_part
      left, right = sizing.jambs
      return [left + fold.stack, right - fold.stack] if two_pairs?

      (hand == "left") ? [left + fold.stack, right - planted] : [left + planted, right - fold.stack]
    end
  end
end
