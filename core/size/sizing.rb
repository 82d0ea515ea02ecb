# frozen_string_literal: true

module YellowTrack
  # What a set is sized to (handbook 2). Inside an opening: follow the jambs,
  # or hang plumb, less the packing at both jambs. On the wall: the greatest
  # width and head, which it has to cover. All in mm.
  class Sizing
    # @return [String] "follow" or "plumb"
    attr_reader :fit
    attr_reader :width, :height
    # @return [Rational] where the opening starts along the floor, packing
    #   counted in
    attr_reader :start
    # @return [Rational] the width before packing
    attr_reader :before_packing

    # @param brief [Brief]
    # @param usual [String] the family's own fit
    # @param covering [Boolean] whether the set hangs on the wall
    # @raise [NothingLeft] where there is too little to size a set to
    def initialize(brief, usual:, covering: false)
      @brief = brief
      @fit = brief.opening["fit"] || usual
      @covering = covering
      covering ? cover : fit_between
      brief.leave(self, "sizing.width", "sizing.height")
    end

    # Whether the set is to hang plumb, inside the opening.
    def plumb? = fit == "plumb" && !@covering

    # Whether it can be sized plumb: a lean that is not known leaves the
    # tightest width.
    def between_plumb_lines? = plumb? && figures.leans_known?

    # Packing planned at a jamb, mm; none on the wall.
    def packing(side) = @covering ? 0r : @brief.opening["packing.#{side}"] || 0r

    # How far the head is packed down before the set goes in, ph, mm.
    def head_packing = @brief.opening["packing.head"] || 0r

    # Where the jambs' faces stand along the floor, packing counted in.
    def jambs = [start, start + width]

    # @return [Hash] mm, as it stands in the plan's file
    def to_h = {width:, height:, fit:}

    private

    def figures = @brief.figures

    def fit_between
      @start = (plumb? ? figures.plumb_start : 0r) + packing("left")
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

    def cover
      @start = 0r
      @before_packing = @width = take("sizing.width", "Sizing width, W", figures.greatest_width,
        why: "The most that is to be covered.")
      @height = under("greatest head", figures.greatest_head, "The most that is to be covered.")
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
