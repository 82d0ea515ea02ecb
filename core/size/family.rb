# frozen_string_literal: true

module YellowTrack
  # What the families have in common: the same questions, answered from a
  # Brief. A family says its own fit, sizes, places and checks, each worked out
  # from values that stand already: sizing, widths, heights, panels, track.
  #
  # Each question that others ask has its own file: Adjusting, Surroundings, Hardware, Faces.
  class Family
    include Adjusting
    include Surroundings
    include Hardware
    include Faces

    NAMES = ("A".."Z").to_a.freeze

    # @return [Brief]
    attr_reader :brief
    # @return [Sizing] what the set is sized to
    attr_reader :sizing
    # @return [Heights]
    attr_reader :heights
    # @return [Array<Panel>] from the left, closed
    attr_reader :panels
    # @return [Track]
    attr_reader :track
    # @return [Array<Reach::Bay>]
    attr_reader :bays
    # @return [Rational] widest clear opening, mm
    attr_reader :widest
    # @return [Rational, nil] weight of one panel, kg; nil where nobody told what it is made of
    attr_reader :weight

    # @param brief [Brief]
    # @raise [Fault] for choices that make no set
    # @raise [NothingLeft] where there is no room for one
    def initialize(brief)
      @brief = brief
    end

    # @return [Kit]
    def kit = brief.kit

    # @return [Opening] that it was sized for
    def opening = brief.opening

    # @return [Working] where each figure's sum stands
    def work = brief.work

    # @return [Manner] how it hangs
    def manner = kit.manner

    # @return [Rational] mm of a panel
    def height = heights.height

    # Floor gap over the finished floor's high point, as it comes out, mm.
    def gap = heights.gap

    # The gap under the panels along the floor.
    def floor_gap = heights.floor_gap

    # Thickness of a panel, T, mm: the fitter's, else the most the kit takes.
    def thickness = opening["thickness"] || kit.fetch("thickness").last

    # @return [Makeup] what a panel is made of, and so weighs
    def makeup
      @makeup ||= Makeup.new(opening["makeup"], thickness:, weighed: opening["weighed"],
        told: !opening["thickness"].nil? || !kit.unknown?)
    end

    # The frame that the fitter makes his panels with (handbook 7); nil where he
    # makes none.
    #
    # @return [Prepare::FramedPanel, nil]
    def framed = @framed ||= Prepare::FramedPanel.of(self)

    # What comes off a slab, if there is one.
    def slab
      @slab ||= Alter.new(brief, Alter::Inside.new(makeup.hollow?, makeup.said?, (guides.groove_depth if grooved?)),
        width:, height:)
    end

    # @return [Array<Check>]
    def checks
      Survey::Checks.found(brief, sizing:, rock:, cover: covers? ? jamb_covers.min : nil) +
        self.class::Checks.new(self, brief.printer).found + nothing_clear + slab.checks +
        [heights.build, head_fixing].compact.flat_map(&:checks) + SoftClose::Fitted.checks(self) +
        Makeup::Checks.found(self)
    end

    # @return [HeadFixing, nil] what the track is screwed into; nil where it does
    #   not hang from the head
    attr_reader :head_fixing
    # @return [JambPacking, nil] nil on the wall
    attr_reader :jamb_packing
    # @return [Wanted, nil] the opening that ready doors want
    attr_reader :wanted
    # @return [SoftClose::Fitted, nil]
    attr_reader :soft_close

    # Rails of its track, one behind the other.
    def rails = 1

    # Depth that the set takes of an opening, mm; nil where it stands in none.
    def depth_needed = nil

    # How far a panel can be rocked to a leaning jamb, mm; nil where that is not
    # how the set fits (handbook 2, "survey.taper").
    def rock = nil

    # Whether the set hangs on the wall and covers its opening.
    def covers? = false

    # Whether its panels are guided in a groove of theirs.
    def grooved? = false

    # @return [Rational, nil] mm that neighbours lap; nil where none do
    def lap = nil

    # @return [Array<Rational>, nil] where they stand in the track, mm; nil where there are none
    def stops = nil

    # @return [Bypass::Guides, nil] on the floor
    def guides = nil

    # @return [Rollers, nil] that carry a panel; nil where it turns on pivots
    def rollers = nil

    # Share of the width that can be clear at one time.
    attr_reader :share

    # The edge that its panels are carried by: "top" or "bottom".
    def carried_by = "top"

    # Hands to lift one panel.
    def hands = makeup.hands(weight, width:, height:)

    # Where the panels stand when they are moved.
    #
    # @param wanted [Hash{String => Object}]
    # @return [Moves]
    def moves(wanted = {}) = Moves::Sliding.new(self, wanted)

    # Left edges as the panels can really stand.
    #
    # @param lefts [Array<Numeric>] as they are wanted
    # @return [Array<Numeric>]
    def held(lefts) = lefts

    # How far a panel reaches into a channel above it, mm; nil without one.
    def engagement = nil

    # Edges of a closed panel that a hand can take hold of, as seen from the room.
    #
    # @return [Array<String>] "left", "right"
    def free_edges(panel) = [jamb_of(panel)]

    # Thickness of what is planted inside the jambs and under the head, mm.
    def planted = 0r

    private

    # Sizes that the panels come in, and are not cut to.
    def given_sizes = Wanted::NEEDED.values.count { |key| opening[key] }

    # What follows from panels and track.
    #
    # @param range [Hash{Symbol => Rational}, nil] of packing at the jambs
    def follow(range: nil)
      @head_fixing = HeadFixing.new(self) if manner.carried == :head
      @jamb_packing = JambPacking.new(self, range) unless covers?
      @wanted = Wanted.of(self)
      @soft_close = SoftClose::Fitted.of(self)
      @pulls = Pulls.new(self) unless manner.folds?
    end

    # Sections of the plan file that every family can have.
    def shared_parts
      {**(heights.build ? {build: heights.build.to_h} : {}), **(wanted ? {frame: wanted.to_h(depth_needed)} : {}),
       **(jamb_packing&.parts || {}), **(soft_close ? {soft_close: soft_close.to_h} : {}), **slab.parts}
    end

    def track_parts = {**track.to_h, count: rails, **{screw: head_fixing&.screw}.compact}

    def weigh(width, height)
      @weight = makeup.weight(work, width:, height:, frame: opening["frame"])
      work.given("panels.thickness", "Thickness, T", thickness, from: opening["thickness"] ? :fitter : :kit,
        source: opening["thickness"] ? "set.thickness" : "kit.thickness", why: "Of a panel.")
      work.given("panels.hands", "Hands", hands, unit: "", from: :handbook,
        why: weight ? "By weight, glass, height and width." : "Two at least: its weight is not known.")
    end

    # Bays behind a set that opens one stretch of the width.
    #
    # @param from [Numeric] left end of what is clear
    # @param to [Numeric] its right end
    def bays_behind(from, to)
      Reach.new([], 0r, sizing.jambs, open: [[from, to]]).bays(brief.survey.bays, work)
    end

    # Writes the share of the width that can be clear at one time.
    def shared(of)
      @share = of.positive? ? work.sum("reach.share", "Share of the width", "widest ÷ width", widest:, width: of,
        unit: "",
        why: "How much of the opening can be clear at one time.") : 0r
    end

    def maker = Track::Maker.new(brief, sizing)

    # A panel that was bought in a width.
    def ready_made_width
      work.given("panels.width", "Panel width, P", opening["width"], from: :fitter, source: "set.width",
        why: "Ready-made.")
    end

    # A set that opens next to nothing: the plan is whole, and says so.
    def nothing_clear = (widest < NothingLeft::LEAST) ? [NothingLeft.check(brief, [work["reach.widest"]])] : []
  end
end
