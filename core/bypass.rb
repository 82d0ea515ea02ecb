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
    # @return [Rational, nil] air between panels in neighbouring lanes, s,
    #   mm; nil on one lane
    attr_reader :air
    # @return [Rational, nil] depth the set takes inside an opening, mm
    attr_reader :depth_needed
    # @return [Guides, nil] on the floor; nil where a channel steadies
    attr_reader :guides
    # @return [Studs, nil] behind the rail of a set on the wall
    attr_reader :studs

    # @param brief [Brief]
    # @raise [Fault] for a pattern that will not do
    def initialize(brief)
      super
      @pattern = Pattern.of(opening)
      @support = manner.support_class.new(brief, pattern)
      @sizing = Sizing.new(brief, usual: USUAL_FIT, covering: support.covers?)
      @run = support.run(sizing)
      @widths = Widths.of(brief, pattern, run)
      @heights = support.heights(sizing)
      @rollers = Rollers.new(brief, width)
      depth
      weigh(width, height)
      place
      reach
    end

    # Bumper at each jamb, b, mm.
    def bumper = support.bumper

    def before_jambs = bumper

    def width = widths.width

    # Lap as it comes out, o', mm; nil for a set without one.
    def lap = widths.lap

    def meet_gap = widths.meet

    # Which side a wall-hung panel slides clear to.
    def opens = support.opens

    def covers? = support.covers?

    def grooved? = !guides.nil? && guides.groove?

    # How far a panel can be rocked to a leaning jamb, mm: 2 × a × Hp ÷ S.
    def rock
      return unless sizing.fit == "follow" && rollers.spacing.positive? && !covers?

      2 * kit.rock * height / rollers.spacing
    end

    # Free wall that a set without a lap needs beside the opening, mm, by side.
    def parking = support.parking(width)

    def wall_beside = covers? ? parking.values.max || 0r : 0r

    def depth_taken = depth_needed || 0r

    def floor_parts = support.guided? ? "guide" : "full rail"

    def carried_by = support.carried_by

    def engagement = support.engagement_of(heights)

    # Lapping panels show their gaps at the jambs alone: the outer ones.
    def needed_readings = readings.values_at(0, -1).uniq(&:name)

    # The family's own sections of the plan file.
    def parts
      {panels: panels.map(&:to_h), laps: laps.map(&:to_h), meets: meets.map(&:to_h), track: track.to_h, gap:,
       guides: guides&.to_h,
       reach: {widest:, share: @share, bays: bays.map(&:to_h)}, **support.parts(self), **slab.parts}
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

    # Front and back of the panels of a lane, from the opening's front plane, or
    # from the front of those on the wall (handbook 15, "Where things stand in the
    # depth").
    #
    # @param lane [Integer]
    # @return [Array(Rational, Rational)] mm
    def lane_faces(lane) = [@lane_lines.fetch(lane) - thickness / 2, @lane_lines.fetch(lane) + thickness / 2]

    private

    def lanes_open? = kit["lane_pitch"] == "open"

    # Air between the lanes, and the depth that the set takes lane by lane.
    def depth
      @air = air_between_lanes
      available = brief.survey["depth"]
      if available
        work.given("depth.available", "Depth of the opening", available, from: :survey, source: "survey.depth",
          why: "As read.")
      end
      lane_pitch = lanes_open? ? thickness + air : kit["lane_pitch"] || 0r
      @lane_lines = pattern.lanes.uniq.sort.to_h { |lane| [lane, lane_line(lane, lane_pitch)] }
      return if covers?

      @depth_needed = work.sum("depth.needed", "Depth needed",
        "front clearance + thickness + lanes × lane pitch + back clearance",
        front_clearance: kit.fetch("front_clearance"), thickness:, lanes: kit.fetch("lanes") - 1, lane_pitch:,
        back_clearance: kit.fetch("back_clearance"), why: "Lane by lane from front to back.")
    end

    def lane_line(lane, lane_pitch)
      work.sum("depth.lanes.#{lane}", "Lane #{lane}, centre line", "front + thickness ÷ 2 + lanes × lane pitch",
        front: kit["front_clearance"] || 0r, thickness:, lanes: lane - 1, lane_pitch:,
        why: "From the front into the closet.")
    end

    def air_between_lanes
      return if kit.fetch("lanes") == 1
      return brief.from_kit("air.design", "Air between panels, s") if lanes_open?

      work.sum("depth.air", "Air between panels, s", "lane pitch − thickness", lane_pitch: kit.fetch("lane_pitch"),
        thickness:,
        why: "From the back of one panel to the face of the next.")
    end

    def place
      @stretches = Stretches.new(brief, pattern, run, widths)
      @panels = Placing.new(self, @stretches).panels
      @laps, @meets = joins
      @guides = Guides.new(brief, heights, places: support.guide_places(laps, sizing), thickness:) if support.guided?
      @track = support.track(self)
      @studs = Studs.new(brief.survey["wall.studs"], track) if covers?
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
      share(sizing.width)
    end
  end
end
