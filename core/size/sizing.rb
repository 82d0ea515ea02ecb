# frozen_string_literal: true

module YellowTrack
  # What a set inside an opening is sized to (handbook 2): follow the jambs, or
  # hang plumb, less the packing at both jambs. All in mm.
  class Sizing
    # @return [String] "follow" or "plumb"
    attr_reader :fit
    attr_reader :width, :height
    # @return [Rational] the width before packing
    attr_reader :before_packing

    # @param brief [Brief]
    # @param usual [String] the family's own fit
    # @raise [NothingLeft] where there is too little to size a set to
    def initialize(brief, usual:)
      @brief = brief
      @fit = brief.opening["fit"] || usual
      size
      brief.leave(self, "sizing.width", "sizing.height")
    end

    # Whether the set is to hang plumb, inside the opening.
    def plumb? = fit == "plumb"

    # Whether it can be sized plumb: a lean that is not known leaves the
    # tightest width.
    def between_plumb_lines? = plumb? && figures.leans_known?

    # Where the opening starts along the floor, packing counted in, mm.
    #
    # @return [Rational]
    def start = (plumb? ? figures.plumb_start : 0r) + packing("left")

    # Packing planned at a jamb, mm.
    def packing(side) = @brief.opening["packing.#{side}"] || 0r

    # How far the head is packed down before the set goes in, ph, mm.
    def head_packing = @brief.opening["packing.head"] || 0r

    # Where the jambs' faces stand along the floor, packing counted in.
    def jambs = [start, start + width]

    # @return [Hash] mm, as it stands in the plan's file
    def to_h = {width:, height:, fit:}

    private

    def figures = @brief.figures

    def size
      @before_packing = plumb? ? figures.plumb_width : figures.tightest_width
      @width = @brief.work.sum("sizing.width", "Sizing width, W", "most(sized to − left packing − right packing, 0)",
        sized_to: before_packing, left_packing: packing("left"), right_packing: packing("right"),
        why: plumb? ? "Plumb: between two plumb lines." :
          "Follow: the tightest width; each panel is rocked to its jamb.")
      @height = checked_height || under("level height", figures.level_height, "A track is level.")
    end

    # A check measurement under the track that is up tells more than the survey.
    def checked_height
      checks = @brief.survey.check or return
      @brief.work.sum("sizing.height", "Sizing height, H", "most(least(checks) − covering, 0)", checks:,
        covering: figures.standing, from: :survey,
        why: "From the top of the track that is up to the floor, read at three places.")
    end

    # A head as it is, or packed down first.
    def under(name, value, why)
      return take("sizing.height", "Sizing height, H", value, why:) unless head_packing.positive?

      @brief.work.sum("sizing.height", "Sizing height, H", "most(#{name} − head packing, 0)", :from => :survey,
        name.tr(" ", "_").to_sym => value, :head_packing => head_packing,
        :why => "#{why} The head is packed down first.")
    end

    def take(key, title, value, why:) = @brief.work.given(key, title, value, from: :survey, why:)
  end
end
