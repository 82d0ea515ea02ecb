# frozen_string_literal: true

module YellowTrack
  # A pocket set sized for an opening (handbook 6): a panel that slides into a
  # hollow wall, or two that meet in the middle. All in mm.
  class Pocket < Family
    USUAL_FIT = "follow"
    BOARD = 25r / 2 # wall board's thickness
    SCREW_SHORT = 3 # a screw ends this far before the pocket

    # @return [Rational] P
    attr_reader :width
    # @return [Rational] how much of a closed panel stays in the pocket, lp
    attr_reader :stay
    # @return [Rational, nil] meet gap of a double as it comes out, m
    attr_reader :meet
    # @return [Rational] pocket's depth, D
    attr_reader :depth
    # @return [Rational] what the wall has to be
    attr_reader :wall
    # @return [Rollers]
    attr_reader :rollers
    # @return [Rational] longest screw into a pocket stud
    attr_reader :longest_screw

    # @param brief [Brief]
    def initialize(brief)
      super
      @sizing = Sizing.new(brief, usual: USUAL_FIT)
      widths
      @heights = Heights.under_head(brief, sizing,
        head_allowance: brief.from_kit("head_allowance", "Head allowance, A"))
      @rollers = Rollers.new(brief, width)
      weigh(width, height)
      frame
      @panels = lefts.zip(open_lefts).each_with_index.map { |(left, open), place| panel(NAMES[place], left, open) }
      rail
      reach
      follow
    end

    # Whether a leaf comes from either side.
    def double? = opening["leaves"] == 2

    # The side a single panel slides to.
    def opens = opening["opens"] || "right"

    # What is left showing of an open panel, mm: 0 with edge pulls.
    def nib = opening["nib"] || 0r

    # @return [Rational] mm of the lining's thickness
    def lining = opening["lining"] || YellowTrack::Wanted::LINING

    # @return [Rational] mm of the wall's board, the usual one where it was not read
    def board = brief.survey["wall.board"] || BOARD

    # Sides that the pocket goes into.
    #
    # @return [Array<String>]
    def pocket_sides = double? ? %w[left right] : [opens]

    # Free wall that each pocket takes beside the opening, mm.
    def needed_beside = depth + kit.fetch("end_clearance")

    # @return [Rational] mm that the pocket is deep
    def wall_beside = depth

    # @return [Array<Rational>] mm that stay in the pocket when it is shut
    def shut_by = [stay]

    # @return [Array<Rational>] mm through which light is seen when all is shut
    def left_open = meets.map(&:gap)

    # A panel closes away from its pocket.
    def jamb_of(panel) = (pocket_sides[panels.index(panel)] == "left") ? "right" : "left"

    # Guides stand at each pocket's mouth, a stop and its bumper in each.
    def hardware
      pockets = pocket_sides.length
      {**super, "guides" => 2 * pockets, "stops with bumper" => pockets, "jamb stops" => 2}
    end

    # Of two, the gaps show where they meet.
    def read_at(_panel, jamb) = double? ? "the meet" : super

    # @return [String] how its gap is read: two leaves meet
    def read_as(_panel, _jamb) = double? ? "meet" : "gap"

    # A pocket's leaves hang alone: what is beside one is the wall.
    def neighbours? = false

    # The family's own sections of the plan file.
    def parts
      {panels: panels.map(&:to_h), meets: meets.map(&:to_h), track: track_parts, gap:, engagement: nil, lift_room: nil,
       reach: {widest:, share:, bays: bays.map(&:to_h)},
       pocket: {clear: widest, depth:, rough_width: @rough_width, rough_height: @rough_height, wall:, longest_screw:,
                stay:},
       **shared_parts}
    end

    # @return [Array<Meet>]
    def meets = double? ? [Meet.new(between: panels.map(&:name), gap: meet)] : []

    private

    def clear_wanted = sizing.width

    def strike = kit.fetch("strike")

    def widths
      @wanted_stay = brief.from_kit("stay", "Stays in the pocket, lp")
      @wanted_meet = brief.from_kit("meet_gap", "Meet gap, m") if double?
      @width = opening["width"] ? ready_made_width : own
      brief.leave(sizing, "panels.width")
      left_over
    end

    def own
      left_over = double? ? "joins the meet" : "comes off what stays in the pocket"
      why = "Rounded down to the grain; the left-over #{left_over}."
      return double_width(why) if double?

      work.sum("panels.width", "Panel width, P", "down(clear + strike + stay, grain)", clear: clear_wanted, strike:,
        stay: @wanted_stay,
        grain: brief.grain, why:)
    end

    def double_width(why)
      work.sum("panels.width", "Panel width, P", "down((clear + 2 × stay − meet gap) ÷ 2, grain)", clear: clear_wanted,
        stay: @wanted_stay, meet_gap: @wanted_meet, grain: brief.grain, why:)
    end

    # A double made to fit keeps its stay and gives the left-over to the meet;
    # every other set keeps its meet and gives it to the stay.
    def left_over
      return single_stay unless double?

      opening["width"] ? ready_made_stay : own_meet
    end

    def single_stay
      @stay = work.sum("pocket.stay", "Stays in the pocket as it comes out, lp", "width − clear − strike", width:,
        clear: clear_wanted,
        strike:, why: "How much of the closed panel is still in the pocket.")
    end

    def ready_made_stay
      @meet = @wanted_meet
      @stay = work.sum("pocket.stay", "Stays in the pocket as it comes out, lp", "(2 × width + meet gap − clear) ÷ 2",
        width:,
        meet_gap: meet, clear: clear_wanted, why: "How much of each closed panel is still in its pocket.")
    end

    def own_meet
      @stay = @wanted_stay
      work.given("pocket.stay", "Stays in the pocket, lp", stay, from: :kit, source: "kit.stay",
        why: "From the kit sheet #{kit.name}.")
      @meet = work.sum("meets.gap", "Meet gap as it comes out, m", "clear + 2 × stay − 2 × width", clear: clear_wanted,
        stay:, width:,
        why: "What the panels leave.")
    end

    def frame
      @depth = work.sum("pocket.depth", "Pocket depth, D", "most(width − nib + bumper, 0)", width:, nib:,
        bumper: kit.fetch("bumper"),
        why: "The panel goes in to its nib, against the stop's bumper.")
      rough
      @wall = work.sum("pocket.wall", "Wall", "thickness + 2 × clear + 2 × stud + 2 × board", thickness:, board:,
        clear: kit.fetch("side_clearance"), stud: kit.fetch("stud"),
        why: "Spare thickness goes to the free space each side.")
      @longest_screw = work.sum("pocket.longest_screw", "Longest screw", "board + stud − short", board:,
        stud: kit.fetch("stud"),
        short: SCREW_SHORT.to_r, why: "A longer one scores every panel that passes.")
    end

    def rough
      end_clearance = kit.fetch("end_clearance")
      @rough_width = work.sum("pocket.rough_width", "Rough opening, width", rough_formula, lining:, clear: clear_wanted,
        depth:,
        end_clearance:, why: "Between the studs that stand.")
      @rough_height = work.sum("pocket.rough_height", "Rough opening, height", "gap + height + head allowance", gap:,
        height:,
        head_allowance: kit.fetch("head_allowance"), why: "Above the finished floor.")
    end

    def rough_formula = double? ? "clear + 2 × depth + 2 × end clearance" : "lining + clear + depth + end clearance"

    # Left edges of the closed panels.
    def lefts
      if double?
        return [edge("A", "start − stay", stay:),
          edge("B", "start + clear + stay − width", clear: clear_wanted, stay:, width:)]
      end
      return [edge("A", "start − strike", strike:)] if opens == "right"

      [edge("A", "start + clear + strike − width", clear: clear_wanted, strike:, width:)]
    end

    def edge(name, formula, **rest)
      work.sum("panels.#{name}.x", "Left edge of #{name}", formula, start: sizing.start, **rest,
        why: "From the left jamb's foot, closed.")
    end

    # It can go from where it stands closed into its pocket.
    def panel(name, left, open)
      Panel.new(name:, lane: 1, x: left, width:, height:, thickness:, weight:, hands:, rollers: rollers.places,
        travel: [left, open].minmax,
        gap: floor_gap.between("panels.#{name}.gap", "Gap under #{name} closed", left, to: left + width)).freeze
    end

    def rail
      length = work.sum("track.length", "Track", "down(clear + pockets × depth, grain)", clear: clear_wanted, depth:,
        pockets: pocket_sides.length, grain: brief.grain, why: "Through the opening and into the pocket.")
      brief.leave(sizing, "track.length")
      start = work.sum("track.start", "Track's left end", "start − in the wall", start: sizing.start,
        in_the_wall: pocket_sides.include?("left") ? depth : 0r, why: "From the left jamb's foot.")
      resting = rollers.resting(panels.map(&:x) + open_lefts).map { |x| x - start }
      @track = maker.at_head(start:, pieces: maker.pieces(length, resting))
    end

    # Left edges of the panels in their pockets.
    def open_lefts
      pocket_sides.map { |side| (side == "left") ? sizing.start + nib - width : sizing.start + clear_wanted - nib }
    end

    # What is clear between the nibs.
    def reach
      left, right = sizing.jambs
      @widest = work.sum("reach.widest", "Clear opening", "most(clear − nibs × nib, 0)", clear: clear_wanted, nib:,
        nibs: pocket_sides.length, why: "Between the nibs of the open panels.")
      @bays = bays_behind(pocket_sides.include?("left") ? left + nib : left,
        pocket_sides.include?("right") ? right - nib : right)
      shared(sizing.width)
    end
  end
end
