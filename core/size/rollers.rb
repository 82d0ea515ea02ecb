# frozen_string_literal: true

module YellowTrack
  # Where the two rollers of each panel are, from its left edge (handbook 4).
  # All in mm.
  class Rollers
    # @return [Rational] r, of the near one
    attr_reader :inset
    # @return [Rational] from roller to roller, S
    attr_reader :spacing
    # @return [Array<Rational>] both
    attr_reader :places

    # @param brief [Brief]
    # @param width [Rational] of a panel
    def initialize(brief, width)
      @inset = brief.take("inset", "inset.design", "Roller inset, r")
      far = brief.work.sum("panels.rollers", "Far roller", "width − inset", width:, inset:,
        why: "From the panel's left edge.")
      @places = [inset, far].freeze
      @spacing = brief.work.sum("panels.spacing", "Roller spacing, S", "width − 2 × inset", width:, inset:,
        why: "From roller to roller.")
      freeze
    end

    # Where they rest with panels at some left edges.
    #
    # @param lefts [Array<Numeric>]
    # @return [Array<Numeric>]
    def resting(lefts) = lefts.flat_map { |left| places.map { |place| left + place } }.uniq
  end
end
