# frozen_string_literal: true

module YellowTrack
  # A bypass set sized for an opening (handbook 4): panels that run past each
  # other in lanes. What depends on how the panels are carried is answered by
  # a support; the rest is worked out here, each from what stands already.
  class Bypass < Family
    USUAL_FIT = "follow"

    # @return [Pattern]
    attr_reader :pattern
    # @return [TopHung, BottomRolling, WallHung]
    attr_reader :support
    # @return [Run]
    attr_reader :run
    # @return [Widths]
    attr_reader :widths
    # @return [Rollers]
    attr_reader :rollers
    # @return [Array<Lap>]
    attr_reader :laps
    # @return [Array<Meet>]
    attr_reader :meets
    # @return [Depth] where the lanes stand
    attr_reader :depth
    # @return [Guides, nil] on the floor; nil where a channel steadies
    attr_reader :guides
    # @return [Wall, nil] that a set hangs on; nil inside an opening
    attr_reader :wall
    # @return [Array<Rational>, nil] where the stops stand in the track, mm; nil
    #   where the kit sheet says nothing of its hangers
    attr_reader :stops
    # @return [Pelmet, nil]
    attr_reader :pelmet

    # @param brief [Brief]
    # @raise [Fault] for a pattern that will not do
    def initialize(brief)
      super
      @pattern = Pattern.of(opening)
      @support = Sets.of(kit).support.new(brief, pattern)
      @sizing = support.sizing(USUAL_FIT)
      @run = support.run(sizing)
      @widths = Widths.of(brief, pattern, run)
      @heights = support.heights(sizing)
      @rollers = Rollers.new(brief, width)
      @depth = Depth.new(brief, thickness, covers: covers?)
      weigh(width, height)
      place
      reach
      finish
    end

    # Bumper at each jamb, b, mm.
    def bumper = support.bumper

    # @return [Rational] mm of bumper between panel and jamb
    def before_jambs = bumper

    # @return [Rational] mm of a panel
    def width = widths.width

    # Lap as it comes out, o', mm; nil for a set without one.
    def lap = widths.lap

    # @return [Rational] mm between two that meet in one lane
    def meet_gap = widths.meet

    # Which side a wall-hung panel slides clear to.
    def opens = support.opens

    # Whether it hangs in front of the opening.
    def covers? = support.covers?

    # Whether a groove runs along the panels' lower edge.
    def grooved? = !guides.nil? && guides.groove?

    # Rails one behind the other: open lanes run on one each, a moulded track has
    # its lanes in it (handbook 15, "Rails").
    def rails = depth.open? ? pattern.lanes.uniq.length : 1

    # How far a panel can be rocked to a leaning jamb, mm: 2 × a × Hp ÷ S.
    def rock
      return unless sizing.fit == "follow" && rollers.spacing.positive? && !covers?

      2 * kit.rock * height / rollers.spacing
    end

    # Free wall that a set without a lap needs beside the opening, mm, by side.
    def parking = support.parking(width)

    # @return [Rational] mm of wall that a panel needs to stand clear
    def needed_beside = parking.values.max

    # A set on the wall that laps has its rail beside the opening.
    def wall_beside = covers? ? needed_beside || support.side_cover(sizing) + kit.fetch("stop") : 0r

    # How far closed panels on the wall cover each jamb, mm, left and right.
    def jamb_covers = [-panels.first.x, panels.last.right - sizing.width]

    # @return [Array<Rational>] mm by which panels cover each other, and the jambs
    def shut_by
      return [lap] if lap

      (panels.length == 1) ? jamb_covers : []
    end

    # @return [Array<Rational>] mm through which light is seen when all is shut
    def left_open = meets.map(&:gap)

    # Air between panels in neighbouring lanes, s, mm; nil on one lane.
    def air = depth.air

    # Depth the set takes inside an opening, mm; nil on the wall.
    def depth_needed = depth.needed

    # @return [Rational] mm of the jamb's depth
    def depth_taken = depth_needed || 0r

    # A block behind every bracket where the rail has to stand off.
    def fittings = (covers? && wall.standoff.positive?) ? super.merge("stand-off blocks" => track.holes.length) : super

    # @return [Array<String>] its edges that neither jamb nor neighbour stands at
    def free_edges(panel) = edges.free(panel)

    # @return [Hash{String => Integer}] what comes in the kit's box
    def hardware
      {(carried_by == "top") ? "hangers" : "rollers" => 2 * panels.length,
       "floor guides" => guides ? guides.places.length : 0, "stops" => (stops || []).length,
       "brackets" => covers? ? track.holes.length : 0}
    end

    # What stands on the floor.
    def floor_parts
      return "full rail" unless support.guided?

      guides.stands? ? "guide" : "none"
    end

    # @return [String] "top" or "bottom"
    def carried_by = support.carried_by

    # @return [Rational] mm that what guides it reaches into it
    def engagement = support.engagement_of(heights)

    # Lapping panels show their gaps at the jambs alone: the outer ones.
    def needed_readings = readings.values_at(0, -1).uniq(&:name)

    # @return [String, nil] the side that it shuts against
    def jamb_of(panel) = edges.met(panel) || super

    # @return [String] how its edge is read: "gap", "cover" or "meet"
    def read_as(panel, jamb) = edges.read_as(panel, jamb)

    # @return [String] where the feeler goes in
    def read_at(panel, jamb) = (read_as(panel, jamb) == "meet") ? "the meet" : super

    # The family's own sections of the plan file.
    def parts
      {panels: panels.map(&:to_h), laps: laps.map(&:to_h), meets: meets.map(&:to_h), track: track_parts, gap:,
       guides: guides&.to_h,
       reach: {widest:, share:, bays: bays.map(&:to_h)}, **support.parts(self), **(guides&.choice || {}),
       **(pelmet ? {pelmet: pelmet.to_h} : {}), **shared_parts}
    end

    # Left edges as the panels can really stand: each within its travel, none
    # through its neighbour of the lane.
    def held(lefts)
      ends = {}
      panels.zip(lefts).map do |panel, left|
        least, most = panel.travel
        least = [least, ends[panel.lane]].compact.max
        left.clamp(least, [least, most].max).tap { |held| ends[panel.lane] = held + width }
      end
    end

    # Front and back of the panels of a lane.
    #
    # @param lane [Integer]
    # @return [Array(Rational, Rational)] mm
    def lane_faces(lane) = depth.faces(lane)

    private

    def edges = @edges ||= Edges.new(self)

    def track_parts = {**super, **(stops ? {stops:} : {})}

    # What stands by the panels and the track.
    def finish
      depth.guide(laps, pattern) if carried_by == "top" && !covers? && guides.places.any?
      if rails > 1
        work.given("track.count", "Rails", rails, unit: "rails", from: :kit,
          why: "Open lanes run on one each.")
      end
      @stops = Stops.of(self)
      @wall = Wall.new(self) if covers?
      @pelmet = Pelmet.of(self)
      follow(range: covers? ? nil : widths.packing_range)
    end

    def place
      @stretches = Stretches.new(brief, pattern, run, widths:)
      @panels = Placing.new(self, @stretches).panels
      @laps, @meets = joins
      @guides = Guides.new(brief, heights, places: support.guide_places(laps, sizing), thickness:) if support.guided?
      @track = support.track(self)
    end

    def joins
      pairs = panels.each_cons(2).zip(pattern.joins)
      [pairs.select { |_, join| join == :lap }.map { |pair, _| lap_between(*pair) },
        pairs.select { |_, join| join == :meet }.map { |pair, _| Meet.new(between: pair.map(&:name), gap: meet_gap) }]
    end

    def lap_between(left, right)
      Lap.new(between: [left.name, right.name], lap:, guide_at: support.guided? ? guide_at(left, right) : nil)
    end

    def guide_at(left, right)
      return if opening["guide"] == "tongue"

      work.sum("laps.#{left.name}#{right.name}.guide_at", "Guide at the lap #{left.name}, #{right.name}",
        "left edge + lap ÷ 2",
        left_edge: right.x, lap:, why: "The middle of the lap with all panels closed, from the left jamb's foot.")
    end

    # What can be cleared: on the wall between the jambs, else within the run,
    # whose bumpers no window can pass.
    def reach
      bounds = covers? ? sizing.jambs : run.ends
      reach = Reach.new(@stretches.all, width, bounds, open: pattern.laps.zero? ? [sizing.jambs] : nil)
      @bays = reach.bays(brief.survey.bays, work)
      from, to = reach.widest
      @widest = work.sum("reach.widest", "Widest clear opening", "most(right end − left end, 0)", left_end: from,
        right_end: to,
        why: "Between the jambs, the panels of the fullest lane pushed together.")
      shared(sizing.width)
    end
  end
end
