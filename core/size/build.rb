# frozen_string_literal: true

require "forwardable"

module YellowTrack
  # What has to be built at the head, or under a floor rail, so that panels of a
  # given height hang as they are to (handbook 15, "Panels of a given height"):
  # beside the packing and the strip that are there. All in mm.
  class Build
    extend Forwardable

    STRIP_LEAST = 12 # a base strip is this thick at least; less goes into the head
    COVER_LEAST = 10r # of a panel over the head it covers

    # What the panels want: by the design figure; the least and the most that do, nil for no end; mm.
    Asked = Struct.new(:needed, :least, :most) do
      # @return ["fits", "tall", "build"]
      def verdict
        return "tall" if most&.negative?

        least.positive? ? "build" : "fits"
      end
    end

    def_delegators :@asked, :needed, :least, :most, :verdict

    # @return [Rational] what goes into the head, and into the base strip
    attr_reader :head, :strip

    class << self
      # Panels that hang from the head: by the floor gap.
      #
      # @param gap [Rational] as it comes out
      # @param wanted [Rational] design
      # @return [Build, nil] nil where panels are cut to fit
      def under_head(brief, gap, wanted)
        of(brief, needed: ["gap − wanted", {gap:, wanted:}],
          least: ["gap − most gap", {gap:, most_gap: brief.kit.fetch("gap.most")}],
          most: ["gap − least gap", {gap:, least_gap: brief.kit.fetch("gap.least")}])
      end

      # Panels on a floor rail: by how far they reach into the channel.
      def on_rail(brief, engagement)
        kit = ->(key) { brief.kit.fetch(key) }
        of(brief, on_floor: true,
          needed: ["design − engagement", {design: kit["rail.engagement.design"], engagement:}],
          least: ["least engagement + down − engagement",
            {least_engagement: kit["rail.engagement.least"], down: kit["adjust.down"], engagement:}],
          most: ["channel − lip − engagement", {channel: kit["rail.channel"], lip: kit["rail.lip"], engagement:}])
      end

      # Panels that hang on the wall: by how far they cover the head.
      def over_head(brief, cover, wanted)
        of(brief, needed: ["most(wanted − cover, 0)", {wanted:, cover:}],
          least: ["least cover − cover", {least_cover: COVER_LEAST, cover:}])
      end

      private

      def of(brief, on_floor: false, **range) = brief.opening["height"] && new(brief, range, on_floor)
    end

    NAMES = {needed: "To build, by the design figure", least: "To build, least", most: "To build, most"}.freeze
    WHY = "Beside the packing and the strip that are there."

    # @param range [Hash] a formula with its terms for each of NAMES; on_floor whether the floor carries it
    def initialize(brief, range, on_floor)
      @brief = brief
      @asked = Asked.new(*NAMES.map { |key, title| sum(key, title, *range[key]) }).freeze
      share(on_floor)
      freeze
    end

    # Whether the opening needs neither head nor strip.
    def fits? = verdict == "fits"

    # @return [Hash] mm, as it stands in the plan's file
    def to_h = {needed:, least:, most:, verdict:, head:, strip:}

    # @return [Array<Check>]
    def checks = Checks.new(self, @brief.printer).found

    private

    # @param told [Array(String, Hash)] a formula and its values; none where there is no such figure
    def sum(key, title, *told)
      formula, values = told
      @brief.work.sum("build.#{key}", title, formula, **values, why: WHY) if formula
    end

    # Outside its range the nearer end is built.
    def share(on_floor)
      built = (verdict == "build") ? built_up : 0r
      under = on_floor && built >= STRIP_LEAST
      @head, @strip = under ? [0r, built] : [built, 0r]
    end

    def built_up
      values = {needed:, least:}
      formula = most ? "least(most(needed, least), most)" : "most(needed, least)"
      sum(:built, "To build", formula, most ? values.merge(most:) : values)
    end

    # What panels that may not be cut ask of the opening.
    class Checks < CheckList
      check "height.tall", :stop do |build|
        build.verdict == "tall" && ["The panels are #{at_least(-build.most)} too tall and may not be cut.",
          "The head goes up, the floor comes down, or other panels are taken: never the saw."]
      end

      check "height.build", :watch do |build|
        next unless build.verdict == "build"

        will_do = build.most ? "#{range(build.least, build.most)} will do" : "#{at_least(build.least)} or more will do"
        built = build.strip.positive? ? "Stand the rail #{len(build.strip)} higher on its strip" :
          "Build the head down #{len(build.head)}"
        ["The opening is taller than these panels want.", "#{built}; #{will_do}."]
      end
    end
  end
end
