# frozen_string_literal: true

module YellowTrack
  # The gap under a panel along a stretch of floor (handbook 4, "Floor gap
  # along the travel").
  class FloorGap
    # @param brief [Brief]
    # @param underside [Rational] of the panels, above the datum, mm
    def initialize(brief, underside)
      @brief = brief
      @underside = underside
    end

    # Gap at one place, mm.
    def at(x) = @underside - floor.at(x) - floor.covering

    # Least and most gap from one x to another, written down.
    #
    # @param key [String] of the entries: "panels.A.gap"
    # @param title [String] what they are: "Gap under A closed"
    # @return [Gap]
    def between(key, title, from, to:)
      values = {underside: @underside, rises: floor.rises(from, to), covering: floor.covering}
      Gap.new(
        @brief.work.sum("#{key}.least", "#{title}, least", "underside − most(rises) − covering", **values,
          why: "At the highest spot of the floor there."),
        @brief.work.sum("#{key}.most", "#{title}, most", "underside − least(rises) − covering", **values,
          why: "At the lowest spot of the floor there.")
      )
    end

    private

    def floor = @brief.figures.floors
  end
end
