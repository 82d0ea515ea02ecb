# frozen_string_literal: true

module YellowTrack
  # What the families have in common: the same questions, answered from a
  # Brief. A family says its own fit, sizes, places and checks.
  class Family
    NAMES = ("A".."Z").to_a.freeze

    # @return [Brief]
    attr_reader :brief
    # @return [Sizing] what the set is sized to
    attr_reader :sizing
    # @return [Array<Panel>] from the left, closed
    attr_reader :panels
    # @return [Track]
    attr_reader :track
    # @return [Array<Reach::Bay>]
    attr_reader :bays
    # @return [Rational] widest clear opening, mm
    attr_reader :widest
    # @return [Rational] weight of one panel, kg
    attr_reader :weight

    # @param brief [Brief]
    # @raise [Fault] for choices that make no set
    def initialize(brief)
      @brief = brief
    end

    def kit = brief.kit

    def opening = brief.opening

    def work = brief.work

    # Thickness of a panel, T, mm: the fitter's, else the most the kit takes.
    def thickness = opening["thickness"] || kit.fetch("thickness").last

    def makeup = @makeup ||= Makeup.new(opening["makeup"], thickness:, weighed: opening["weighed"])

    # The gap under the panels along the floor.
    def floor_gap = @floor_gap ||= FloorGap.new(brief, brief.figures.finished_floor + gap)

    # What comes off a slab, if there is one.
    def slab = @slab ||= Alter.new(brief, width:, height:, hollow: makeup.hollow?)

    # @return [Array<Check>]
    def checks
      Survey::Checks.new(brief, brief.printer).found + self.class::Checks.new(self, brief.printer).found + slab.checks
    end

    # What the set takes of its surroundings (handbook 3), mm: floor in front,
    # wall beside, depth in the opening.
    def floor_in_front = 0r

    def wall_beside = 0r

    def depth_taken = 0r

    # What stands on the floor: "none", "guide", "bracket" or "full rail".
    def floor_parts = "guide"

    # Count of cuts, holes and adjusters.
    #
    # @return [Hash{Symbol => Integer}]
    def labour
      {cuts: track.pieces.length + 2 * panels.length, holes: track.holes.length + panels.sum { |panel| panel.holes.to_a.length },
       adjusters: 2 * panels.length}
    end

    # Hands to lift one panel.
    def hands = makeup.hands(weight, width:, height:)

    private

    def weigh
      @weight = makeup.weight(work, width:, height:)
      work.given("panels.thickness", "Thickness, T", thickness, from: opening["thickness"] ? :fitter : :kit,
        source: opening["thickness"] ? "set.thickness" : "kit.thickness", why: "Of a panel.")
      work.given("panels.hands", "Hands", hands, unit: "", from: :handbook, why: "By weight, glass, height and width.")
    end

    # Panel height from a level height less what is above it and the gap,
    # written down, and the gap as it comes out.
    #
    # @param above [Hash{Symbol => Rational}] what is taken off above
    # @return [Array(Rational, Rational)] Hp and f', mm
    def hang_from_head(**above)
      wanted = brief.take("gap", "gap.design", "Floor gap, f")
      less = above.keys.map { |name| "− #{name.to_s.tr("_", " ")}" }.join(" ")
      level_height = sizing.height
      height = work.sum("panels.height", "Panel height, Hp", "down(level height #{less} − gap, grain)", level_height:, gap: wanted,
        grain: brief.grain, **above, why: "Rounded down to the grain; the left-over joins the floor gap.")
      gap = work.sum("gap", "Floor gap as it comes out, f'", "level height #{less} − height", level_height:, height:, **above,
        why: "Over the finished floor's high point.")
      [height, gap]
    end

    # Bays behind a set that opens one stretch of the width.
    #
    # @param from [Numeric] left end of what is clear
    # @param to [Numeric] its right end
    def bays_behind(from, to)
      Reach.new([], 0r, sizing.jambs, open: [[from, to]]).bays(brief.survey.bays, work)
    end

    # Writes the share of the width that can be clear at one time.
    def share(of)
      @share = of.positive? ? work.sum("reach.share", "Share of the width", "widest ÷ width", widest:, width: of, unit: "",
        why: "How much of the opening can be clear at one time.") : 0r
    end

    # The track's mounting height at the head's low point, and the most
    # packing over it, where it is let down by so much.
    def head_track(length, pieces, lowered: 0r, floor_rail: nil)
      mount_height = work.sum("track.mount_height", "Track's mounting height", "low head − lowered", lowered:,
        low_head: brief.figures.head_low, why: "Above the datum; pack down to it wherever the head is higher.")
      packing = work.sum("track.packing", "Most packing over the track", "high head − low head + lowered", lowered:,
        high_head: brief.figures.head_high, low_head: brief.figures.head_low, why: "At the head's high point.")
      Track.new(kit, length:, pieces:, mount_height:, packing:, floor_rail:)
    end

    # Writes down how the track is pieced and drilled.
    def explain_track
      brief.from_kit("track.first", "First hole")
      brief.from_kit("track.pitch", "Hole to hole")
      return if track.joints.empty?

      track.pieces.each_with_index do |piece, place|
        work.given("track.pieces.#{place + 1}", "Piece #{place + 1}", piece, from: :handbook, why: "Joints as even as can be, on the grain, clear of the ends and of every roller.")
      end
      track.joints.each_with_index do |joint, place|
        work.sum("track.joints.#{place + 1}", "Joint #{place + 1}", "before + piece", before: joint - track.pieces[place],
          piece: track.pieces[place], why: "From the track's left end.")
      end
    end

    # A track between the jambs at the head, less packing and clearances.
    def length_between_jambs
      work.sum("track.length", "Track",
        "down(width at the head − left packing − right packing − 2 × end clearance, grain)",
        width_at_the_head: brief.survey["widths.top"], left_packing: sizing.packing("left"),
        right_packing: sizing.packing("right"), end_clearance:, grain: brief.grain,
        why: "Cut one end only: the other keeps its factory holes.")
    end

    def end_clearance = kit["track.end_clearance"] || 0r

    # Pieces of a track, none longer than the stock, joined clear of the
    # places where rollers rest.
    #
    # @param rollers [Array<Numeric>] from the track's left end
    def pieces_of(length, rollers)
      stock = kit.fetch("track.stock").max
      return [length] if length <= stock

      Track::Joints.new(length, stock:, rollers:, grain: brief.grain).pieces
    end
  end
end
