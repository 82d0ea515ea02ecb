# frozen_string_literal: true

module YellowTrack
  # A bypass set sized for an opening (handbook 4): panels that run past each
  # other in lanes. What depends on how the panels are carried is answered by
  # a support; the rest is worked out here.
  class Bypass < Family
    # The class of each support, by its name on the kit sheet.
    SUPPORTS = {"top-hung" => "TopHung", "bottom-rolling" => "BottomRolling", "wall-hung" => "WallHung"}.freeze

    USUAL_FIT = "follow"

    # @return [Pattern]
    attr_reader :pattern
    # @return [TopHung, BottomRolling, WallHung]
    attr_reader :support
    # @return [Widths]
    attr_reader :widths
    # @return [Array<Lap>]
    attr_reader :laps
    # @return [Array<Meet>]
    attr_reader :meets
    # @return [Rational] where the run starts along the floor, mm
    attr_reader :run_start
    # @return [Rational] length of the run, R, mm
    attr_reader :run
    # @return [Rational] roller inset r, mm
    attr_reader :inset
    # @return [Rational] from roller to roller of a panel, S, mm
    attr_reader :spacing
    # @return [Rational, nil] air between panels in neighbouring lanes, s,
    #   mm; nil on one lane
    attr_reader :air
    # @return [Rational, nil] depth the set takes inside an opening, mm
    attr_reader :depth_needed
    # @return [Guides, nil] on the floor; nil where a channel steadies
    attr_reader :guides

    # @param brief [Brief]
    # @raise [Fault] for a pattern that will not do
    def initialize(brief)
      super
      @pattern = Pattern.of(brief.opening)
      @support = self.class.const_get(SUPPORTS.fetch(kit.support)).new(self)
      support.refuse_pattern
      @sizing = Sizing.new(brief, usual: USUAL_FIT, covering: support.covers?)
      measure
      brief.rock = rock
      place
    end

    # Bumper at each jamb, b, mm.
    def bumper = support.covers? ? 0r : opening["bumper"] || 0r

    def run_end = run_start + run

    def width = widths.width

    def height = support.height

    def gap = support.gap

    def floor_gap = support.floor_gap

    # Lap as it comes out, o', mm; nil for a set without one.
    def lap = widths.lap

    def meet_gap = widths.meet

    # Which side a wall-hung panel slides clear to.
    def opens = opening["opens"] || "right"

    def wall_beside = support.covers? ? support.parking.values.max || 0r : 0r

    def depth_taken = depth_needed || 0r

    def floor_parts = support.guided? ? "guide" : "full rail"

    # The family's own sections of the plan file.
    def parts
      {panels: panels.map(&:to_h), laps: laps.map(&:to_h), meets: meets.map(&:to_h), track: track.to_h, gap: support.gap,
       guides: guides&.to_h,
       reach: {widest:, share: @share, bays: bays.map(&:to_h)}, **support.parts, **slab.parts}
    end

    # Left edges as the panels can really stand: each within its travel, none
    # through its neighbour of the lane.
    #
    # @param lefts [Array<Numeric>] as they are wanted
    # @return [Array<Numeric>]
    def held(lefts)
      ends = {}
      panels.zip(lefts).map do |panel, left|
        least, most = panel.travel
        least = [least, ends[panel.lane]].compact.max
        left.clamp(least, [least, most].max).tap { |held| ends[panel.lane] = held + width }
      end
    end

    # The runs of track that panels keep to: one, or the halves of a
    # bi-parting set, which end at the middle of the meet.
    #
    # @return [Array<Reach::Stretch>]
    def stretches
      @stretches ||= begin
        ends = [run_start, *(run_start + run / 2 if pattern.bi_parting?), run_end]
        ends.each_cons(2).zip(pattern.stretches).map do |(from, to), stretch|
          Reach::Stretch.new(from, to, pattern.counts(stretch).values.max)
        end
      end
    end

    # A track at the head from jamb to jamb.
    #
    # @param floor_rail [Rational, nil] length of a rail below it
    # @yieldparam start [Rational] x of its left end
    # @yieldreturn [Array<Numeric>] where rollers rest, from there
    # @return [Track]
    def between_jambs(floor_rail: nil)
      length = length_between_jambs
      head_track(length, pieces_of(length, yield(sizing.start + end_clearance)), floor_rail:)
    end

    # Pieces of a rail of this kit's.
    def pieces_on_stock(length, rollers) = pieces_of(length, rollers)

    # Height Hp and floor gap f' under a track at the head, mm.
    def hang_under(drop) = hang_from_head(drop:)

    private

    # The sizes, in the order in which they follow from each other.
    def measure
      @run_start, @run = support.run
      @widths = Widths.of(brief, pattern, run)
      support.measure
      rollers
      @air = air_between_lanes
      @depth_needed = depth unless support.covers?
      available = brief.survey["depth"]
      work.given("depth.available", "Depth of the opening", available, from: :survey, source: "survey.depth", why: "As read.") if available
      weigh
    end

    def rollers
      @inset = brief.take("inset", "inset.design", "Roller inset, r")
      work.sum("panels.rollers", "Far roller", "width − inset", width:, inset:, why: "From the panel's left edge.")
      @spacing = work.sum("panels.spacing", "Roller spacing, S", "width − 2 × inset", width:, inset:, why: "From roller to roller.")
    end

    # How far a panel inside an opening can be rocked to a leaning jamb, mm:
    # 2 × a × Hp ÷ S.
    def rock
      return unless sizing.fit == "follow" && spacing.positive? && !support.covers?

      2 * kit.rock * height / spacing
    end

    def lanes_open? = kit["lane_pitch"] == "open"

    def air_between_lanes
      return if kit.fetch("lanes") == 1
      return brief.from_kit("air.design", "Air between panels, s") if lanes_open?

      work.sum("depth.air", "Air between panels, s", "lane pitch − thickness", lane_pitch: kit.fetch("lane_pitch"), thickness:,
        why: "From the back of one panel to the face of the next.")
    end

    def depth
      lane_pitch = lanes_open? ? thickness + air : kit["lane_pitch"] || 0r
      work.sum("depth.needed", "Depth needed", "front clearance + thickness + lanes × lane pitch + back clearance",
        front_clearance: kit.fetch("front_clearance"), thickness:, lanes: kit.fetch("lanes") - 1, lane_pitch:,
        back_clearance: kit.fetch("back_clearance"), why: "Lane by lane from front to back.")
    end

    def place
      @panels = Placing.new(self).panels
      @laps, @meets = joins
      @guides = Guides.new(self) if support.guided?
      @track = support.track
      explain_track
      reach
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
      work.sum("laps.#{left.name}#{right.name}.guide_at", "Guide at the lap #{left.name}, #{right.name}", "left edge + lap ÷ 2",
        left_edge: right.x, lap:, why: "The middle of the lap with all panels closed, from the left jamb's foot.")
    end

    def reach
      reach = Reach.new(stretches, width, sizing.jambs, open: pattern.laps.zero? ? [sizing.jambs] : nil)
      @bays = reach.bays(brief.survey.bays, work)
      from, to = reach.widest
      @widest = work.sum("reach.widest", "Widest clear opening", "most(right end − left end, 0)", left_end: from, right_end: to,
        why: "Between the jambs, the panels of the fullest lane pushed together.")
      share(sizing.width)
    end
  end
end
