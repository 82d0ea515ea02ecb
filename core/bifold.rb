# frozen_string_literal: true

module YellowTrack
  # A bifold set sized for an opening (handbook 5): one pair that folds to a
  # jamb, or two that meet in the middle.
  class Bifold < Family
    USUAL_FIT = "plumb"
    PANELS = [2, 4].freeze
    HINGE_TOP = 180 # mm from a panel's top
    HINGE_FOOT = 250 # mm from its bottom
    TALL = 2100 # mm, over which it takes four hinges
    ALIGNER = 300 # mm above a panel's bottom
    HANDLE = 980 # mm above the finished floor
    STILE = 95 # mm, a stile whose width is not known

    # @return [Gaps] at the jamb, the hinge and the lead
    attr_reader :gaps
    # @return [Fold] the panels seen from above as they fold
    attr_reader :fold
    # @return [Rational] P, mm
    attr_reader :width
    # @return [Rational] Hp, mm
    attr_reader :height
    # @return [Rational] floor gap over the finished floor's high point, mm
    attr_reader :gap
    # @return [Rational] head allowance as it comes out, A', mm
    attr_reader :head_allowance
    # @return [Rational] handle's place from the lead panel's hinge edge, mm
    attr_reader :handle_at
    # @return [Array<Rational>] x of every pivot
    attr_reader :pivots
    # @return [Rational, nil] what is seen over a panel under the half jamb, mm
    attr_reader :top_seen
    # @return [Rational, nil] how much of a panel's edge the half jamb hides, mm
    attr_reader :hidden
    # @return [Array<Rational>] hinges on the closet face, mm above a panel's
    #   bottom
    attr_reader :hinges

    # @param brief [Brief]
    # @raise [Fault] for a number of panels that makes no pairs
    def initialize(brief)
      super
      refuse_odd
      @sizing = Sizing.new(brief, usual: USUAL_FIT)
      @gaps = Gaps.new(self)
      @width = gaps.width
      hang
      weigh
      @fold = Fold.new(self)
      place
      fit
    end

    # @return [Integer] 1 or 2
    def pairs = (opening["panels"] || 2) / 2

    def two_pairs? = pairs == 2

    # The side a single pair turns at.
    def hand = opening["hand"] || "left"

    # Half jamb's thickness w, mm; nil without one.
    def half_jamb = opening["half_jamb.thickness"]

    # How far the half jamb's back stands in front of the panels, s, mm.
    def setback = opening["setback"] || kit.fetch("setback")

    # Pivot inset i and lead inset il, mm.
    def pivot_inset = opening["inset"] || kit.fetch("pivot_inset")

    def lead_inset = kit.fetch("lead_inset")

    def hinge_gap = kit.fetch("hinge_gap")

    # Where what is clear lies, and how it is cut off by half jambs.
    #
    # @return [Array(Numeric, Numeric)] from and to along the floor, mm
    def clear_part
      left, right = sizing.jambs
      stack = fold.stack
      return [left + stack, right - stack] if two_pairs?

      strip = half_jamb || 0r
      (hand == "left") ? [left + stack, right - strip] : [left + strip, right - stack]
    end

    def floor_in_front = fold.projection

    def depth_taken = setback + thickness

    def floor_parts = "bracket"

    # Two pivot slides and a jack a pair.
    def labour = super.merge(adjusters: 3 * pairs)

    # The family's own sections of the plan file.
    def parts
      {panels: panels.map(&:to_h), meets: meets.map(&:to_h), track: track.to_h, gap:, engagement: nil, lift_room: nil,
       reach: {widest:, share: @share, bays: bays.map(&:to_h)}, pivots: pivot_parts,
       fold: {**fold.to_h, lead_gap: gaps.lead, meet_gap: gaps.meet},
       fittings: {hinges:, handle: HANDLE, handle_at: @handle_at, aligner: (ALIGNER if two_pairs?)}, **slab.parts}
    end

    # @return [Array<Meet>]
    def meets = two_pairs? ? [Meet.new(between: panels[1..2].map(&:name), gap: gaps.meet)] : []

    private

    def refuse_odd
      return if PANELS.include?(opening["panels"] || 2)

      raise Fault.new("#{opening["panels"]} panels make no pairs. It takes #{PANELS.join(" or ")}.", key: "set.panels")
    end

    # With a half jamb the panels swing out under its head piece.
    def hang
      allowance = brief.from_kit("head_allowance", "Head allowance, A")
      @head_allowance = half_jamb ? under_strip(allowance) : allowance
      @height, @gap = hang_from_head(head_allowance: @head_allowance)
    end

    def under_strip(allowance)
      work.sum("pivots.head_allowance", "Head allowance under the half jamb, A'", "most(allowance, half jamb + top gap)",
        allowance:, half_jamb:, top_gap: kit.fetch("top_gap"), why: "The panel swings out under the strip at the head.")
    end

    def place
      @panels = Placing.new(self).panels
      @pivots = Placing.new(self).pivots
      length = length_between_jambs
      @track = head_track(length, pieces(length), lowered: head_allowance - kit.fetch("head_allowance"))
      explain_track
      @bays = bays_behind(*clear_part)
      @widest = work.sum("reach.widest", "Widest clear opening", "most(clear, 0)", clear: fold.clear, why: "What the fold leaves clear.")
      share(sizing.width)
    end

    # Two tracks meet in the middle, at a mark of the grain or next left.
    def pieces(length)
      return pieces_of(length, pins) unless two_pairs?

      left = Length.down(length / 2, brief.grain)
      pieces_of(left, pins) + pieces_of(length - left, pins.map { |pin| pin - left })
    end

    # Where pivots and guide pins stand, closed and folded, from the track's
    # left end.
    def pins
      start = sizing.start + end_clearance
      fold.pins.flat_map do |pin|
        from_left, from_right = sizing.start + pin, sizing.start + sizing.width - pin
        (if two_pairs?
           [from_left, from_right]
         else
           [(hand == "left") ? from_left : from_right]
         end).map { |x| x - start }
      end
    end

    def pivot_parts
      {side_gap: gaps.side, least_corner: gaps.least_corner, least_half_jamb: gaps.least_half_jamb, at: pivots, hidden:,
       track_line: @track_line, top_seen:}
    end

    # Where hinges, track and strip stand to the panels.
    def fit
      @track_line = work.sum("pivots.track_line", "Track's centre line", "setback + thickness ÷ 2", thickness:,
        setback: half_jamb ? setback : 0r, why: "Behind the half jamb's back, or the panels' front face.")
      @hinges = (0...hinge_count).map { |place| hinge(place) }
      work.given("fittings.handle", "Handle", HANDLE.to_r, from: :handbook, why: "Above the finished floor.")
      @handle_at = place_handle
      work.given("fittings.aligner", "Aligner", ALIGNER.to_r, from: :handbook, why: "Above the panel's bottom.") if two_pairs?
      behind_strip if half_jamb
    end

    # Two schools: the lead panel's hinge stile is the easiest to fold by, its
    # middle looks centred; on a slab within a third of the hinge side.
    def place_handle
      if opening["handle"] == "middle"
        return work.sum("fittings.handle_at", "Handle, from the hinge edge", slab.slab? ? "width ÷ 3" : "width ÷ 2", width:,
          why: slab.slab? ? "As near the middle as a slab folds well." : "The middle of the lead panel looks centred.")
      end

      work.sum("fittings.handle_at", "Handle, from the hinge edge", "stile ÷ 2", stile: opening["slab.stile"] || STILE.to_r,
        why: "The lead panel's hinge stile is the easiest to fold by.")
    end

    def hinge_count = (height > TALL) ? 4 : 3

    def hinge(place)
      work.sum("fittings.hinges.#{place + 1}", "Hinge #{place + 1}", "foot + (height − top − foot) × place ÷ spaces",
        foot: HINGE_FOOT.to_r, height:, top: HINGE_TOP.to_r, place:, spaces: hinge_count - 1,
        why: "#{HINGE_FOOT} from the bottom, #{HINGE_TOP} from the top, the rest even.")
    end

    def behind_strip
      @top_seen = work.sum("pivots.top_seen", "Seen over the panels", "head allowance − half jamb", head_allowance:, half_jamb:,
        why: "What is open under the strip at the head.")
      @hidden = work.sum("pivots.hidden", "Hidden by the half jamb", "half jamb − side gap", half_jamb:, side_gap: gaps.side,
        why: "How much of the panel's edge stands behind it.")
    end
  end
end
