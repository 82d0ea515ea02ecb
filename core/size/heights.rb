# frozen_string_literal: true

module YellowTrack
  # Height of a set's panels, and the gap under them along the floor (handbook
  # 4–6). Panels that come in a height and may not be cut turn the sum round:
  # the gap comes out, and what has to be built (handbook 15). All in mm.
  class Heights
    # @return [Rational] Hp
    attr_reader :height
    # @return [Rational] over the finished floor's high point, as it comes out
    attr_reader :gap
    # @return [FloorGap] along the floor
    attr_reader :floor_gap
    # @return [Build, nil] what has to be built for panels of a given height
    attr_reader :build

    # Panels that hang from the head: the level height less what is above them
    # and the gap, rounded down; the left-over joins the gap.
    #
    # @param brief [Brief]
    # @param sizing [Sizing]
    # @param above [Hash{Symbol => Rational}] what is taken off above
    # @return [Heights]
    # @raise [NothingLeft]
    def self.under_head(brief, sizing, **above)
      wanted = brief.take("gap", "gap.design", "Floor gap, f")
      less = above.keys.map { |name| "− #{name.to_s.tr("_", " ")}" }.join(" ")
      height = brief.given_height || brief.work.sum("panels.height", "Panel height, Hp",
        "down(most(level height #{less} − gap, 0), grain)",
        level_height: sizing.height, gap: wanted, grain: brief.grain, **above,
        why: "Rounded down to the grain; the left-over joins the floor gap.")
      gap = brief.work.sum("gap", "Floor gap as it comes out, f'", "level height #{less} − height",
        level_height: sizing.height, height:, **above,
        why: "Over the finished floor's high point.")
      new(brief, sizing, height:, gap:, build: Build.under_head(brief, gap, wanted))
    end

    # @raise [NothingLeft] for a height that is next to nothing
    def initialize(brief, sizing, height:, gap:, build: nil)
      @height, @gap, @build = height, gap, build
      @floor_gap = FloorGap.new(brief, brief.figures.finished_floor + gap)
      brief.leave(sizing, "panels.height")
    end
  end
end
