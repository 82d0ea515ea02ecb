# frozen_string_literal: true

module YellowTrack
  # What a set inside an opening is sized to (handbook 2): follow the jambs,
  # or hang plumb; less the packing at both jambs. All in mm.
  class Sizing
    FITS = %w[follow plumb].freeze

    attr_reader :fit, :width, :height, :start, :before_packing

    # @param brief [Brief]
    # @param usual [String] the family's own fit
    def initialize(brief, usual:)
      @brief = brief
      @fit = brief.opening["fit"] || usual
      @start = (plumb? ? brief.figures.plumb_start : 0r) + packing("left")
      @before_packing = plumb? ? brief.figures.plumb_width : brief.figures.tightest_width
      @width = packed
      @height = brief.figures.level_height
    end

    def plumb? = fit == "plumb"

    # Packing planned at a jamb, mm.
    def packing(side) = @brief.opening["packing.#{side}"] || 0r

    # Where the jambs' faces stand along the floor, packing counted in.
    def jambs = [start, start + width]

    def to_h = {width:, height:, fit:}

    private

    def packed
      @brief.work.sum("sizing.width", "Sizing width, W", "sized to − left packing − right packing",
        sized_to: before_packing, left_packing: packing("left"), right_packing: packing("right"),
        why: plumb? ? "Plumb: between two plumb lines." : "Follow: the tightest width; each panel is rocked to its jamb.")
    end
  end
end
