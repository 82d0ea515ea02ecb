# frozen_string_literal: true

module YellowTrack
  # A bypass set sized for an opening (handbook 4): panels that run past each
  # other in lanes. What depends on how the panels are carried is answered by
  # a support; the rest is worked out here.
  class Bypass
    # The class of each support, by its name on the kit sheet. One that is not
    # here is refused.
    SUPPORTS = {"top-hung" => "TopHung"}.freeze

    USUAL_FIT = "follow"
    NAMES = ("A".."Z").to_a.freeze

    attr_reader :brief, :pattern, :sizing, :support, :panels, :laps, :meets, :reach, :bays, :track

    # @param brief [Brief]
    # @raise [Fault] for a support or a pattern that will not do
    def initialize(brief)
      @brief = brief
      @pattern = Pattern.of(brief.opening)
      @pattern.refuse_without_lap
      @sizing = Sizing.new(brief, usual: USUAL_FIT)
      @support = support_class.new(self)
      measure
      brief.rock = rock
      place
    end

    def kit = brief.kit

    def opening = brief.opening

    # Bumper at each jamb, b, mm.
    def bumper = opening["bumper"] || 0r

    # Where the run starts and ends along the floor, and its length R, mm.
    attr_reader :run_start, :run

    def run_end = run_start + run

    def width = @widths.width

    # Lap as it comes out, o', mm.
    def lap = @widths.lap

    def meet_gap = @widths.meet

    attr_reader :widths

    attr_reader :thickness

    # Roller inset r and the spacing S between a panel's two rollers, mm.
    attr_reader :inset, :spacing

    def makeup = @makeup ||= Makeup.new(opening["makeup"], thickness:, weighed: opening["weighed"])

    # Air between panels in neighbouring lanes, s, mm; nil on one lane.
    attr_reader :air

    attr_reader :depth_needed, :weight

    def slab = @slab ||= Alter.new(brief, width:, height: support.height, hollow: makeup.hollow?)

    # @return [Array<Check>]
    def checks
      Survey::Checks.new(brief, brief.printer).found + Checks.new(self, brief.printer).found + slab.checks
    end

    # The family's own sections of the plan file.
    def parts
      {panels: panels.map(&:to_h), laps: laps.map(&:to_h), meets: meets.map(&:to_h), track: track.to_h,
       gap: support.gap, engagement: nil, lift_room: nil,
       depth: {needed: depth_needed, available: brief.survey["depth"], air:},
       reach: {widest: @widest, share: @share, bays: bays.map(&:to_h)}, **slab.parts}
    end

    # Clear opening where the panels stand with these left edges, as
    # [from, to] windows from left to right, none of it behind a panel.
    #
    # @param lefts [Array<Numeric>] left edge of each panel
    def clear_windows(lefts)
      from, to = sizing.jambs
      covered = lefts.sort.map { |left| [left, left + width] }
      edges = [from, *covered.flatten, to]
      edges.each_slice(2).with_object([[], from]) do |(start, stop), (open, seen)|
        start = [start, seen].max
        open << [start, stop] if stop > start
      end.first
    end

    private

    def support_class
      name = SUPPORTS[kit.support] or raise Fault.new(
        "#{kit.support} sets are not built yet. What works today: #{SUPPORTS.keys.join(", ")}.", key: "set.kit"
      )
      self.class.const_get(name)
    end

    # The sizes, in the order in which they follow from each other.
    def measure
      @run_start = sizing.start + bumper
      @run = brief.work.sum("run", "Run, R", "width − 2 × bumper", width: sizing.width, bumper:,
        why: "What the panels cover, between the bumpers.")
      @widths = Widths.new(brief, pattern, run)
      @thickness = brief.opening["thickness"] || brief.kit.fetch("thickness").last
      support.measure
      rollers
      depth
      @weight = makeup.weight(brief.work, width:, height: support.height)
    end

    def rollers
      @inset = brief.take("inset", "inset.design", "Roller inset, r")
      brief.work.sum("panels.rollers", "Far roller", "width − inset", width:, inset:, why: "From the panel's left edge.")
      @spacing = brief.work.sum("panels.spacing", "Roller spacing, S", "width − 2 × inset", width:, inset:,
        why: "From roller to roller.")
    end

    # How far a panel can be rocked to a leaning jamb, mm: 2 × a × Hp ÷ S.
    def rock
      return unless sizing.fit == "follow" && spacing.positive?

      2 * kit.rock * support.height / spacing
    end

    def depth
      lanes = kit.fetch("lanes")
      pitch = lane_pitch
      @air = brief.work.sum("depth.air", "Air between panels, s", "lane pitch − thickness", lane_pitch: pitch, thickness:,
        why: "From the back of one panel to the face of the next.")
      @depth_needed = brief.work.sum("depth.needed", "Depth needed",
        "front clearance + thickness + lanes × lane pitch + back clearance",
        front_clearance: kit.fetch("front_clearance"), thickness:, lanes: lanes - 1, lane_pitch: pitch,
        back_clearance: kit.fetch("back_clearance"), why: "Lane by lane from front to back.")
    end

    def lane_pitch = brief.from_kit("lane_pitch", "Lane pitch, p")

    def place
      @panels = Placing.new(self).panels
      @laps, @meets = joins
      @track = support.track
      reached
    end

    def joins
      pairs = panels.each_cons(2).zip(pattern.joins)
      [pairs.select { |_, join| join == :lap }.map { |pair, _| lap_between(*pair) },
        pairs.select { |_, join| join == :meet }.map { |pair, _| Meet.new(between: pair.map(&:name), gap: meet_gap) }]
    end

    def lap_between(left, right)
      at = brief.work.sum("laps.#{left.name}#{right.name}.guide_at", "Guide at the lap #{left.name}, #{right.name}",
        "left edge + lap ÷ 2", left_edge: right.x, lap:,
        why: "The middle of the lap with all panels closed, from the left jamb's foot.")
      Lap.new(between: [left.name, right.name], lap:, guide_at: at)
    end

    def reached
      @reach = Reach.new(stretches, width, sizing.jambs)
      @bays = brief.survey.bays.map { |from, to| reach.bay(from, to) }
      stacked = stretches.sum(&:most)
      @widest = brief.work.sum("reach.widest", "Widest clear opening", "most(run − stacked × width, 0)", run:, stacked:, width:,
        why: "The run less the panels of the fullest lane, pushed together.")
      @share = sizing.width.positive? ? share(@widest) : 0r
    end

    def share(widest)
      brief.work.sum("reach.share", "Share of the width", "widest ÷ width", widest:, width: sizing.width, unit: "",
        why: "How much of the opening can be clear at one time.")
    end

    # The runs of track that panels keep to: one, or the halves of a
    # bi-parting set, which end at the middle of the meet.
    def stretches
      @stretches ||= begin
        ends = [run_start, *(middle if pattern.bi_parting?), run_end]
        ends.each_cons(2).zip(pattern.stretches).map do |(from, to), stretch|
          Reach::Stretch.new(from, to, pattern.counts(stretch).values.max)
        end
      end
    end

    def middle = run_start + run / 2

    public :stretches
  end
end
