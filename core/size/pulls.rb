# frozen_string_literal: true

module YellowTrack
  # Where a sliding panel's pulls are bored (handbook 15, "On the sheets and
  # screens"): half the stile's width from a free edge, at the handles' height.
  # All in mm.
  class Pulls
    HEIGHT = 980r # above the finished floor
    STILE = 95r # a stile whose width is not known

    # How wide the panels' stiles are: of the frame, the slab, else the usual.
    def self.stile(opening) = opening["frame.stile"] || opening["slab.stile"] || STILE

    # How high handles and pulls are above the finished floor.
    def self.height(opening) = opening["handle_height"] || HEIGHT

    # @return [Rational] above a panel's bottom
    attr_reader :up

    # @param set [Family] placed
    def initialize(set)
      @set = set
      stile = Pulls.stile(set.opening)
      @near = sum("near", "Pull, from the near edge", "stile ÷ 2", why: "In the middle of the stile at the free edge.",
        stile:)
      @far = sum("far", "Pull, from the far edge", "width − stile ÷ 2",
        why: "In the middle of the stile at the free edge.",
        width: set.width, stile:)
      @up = sum("up", "Pull, above the panel's bottom", "height − gap",
        why: "At the handles' height over the finished floor.",
        height: Pulls.height(set.opening), gap: set.gap)
      freeze
    end

    # Places on a panel, from its left edge.
    #
    # @param panel [Panel]
    # @return [Array<Rational>]
    def on(panel) = @set.free_edges(panel).map { |edge| (edge == "left") ? @near : @far }

    # How many in all.
    def count = @set.panels.sum { |panel| on(panel).length }

    private

    def sum(key, title, formula, why:, **values) = @set.work.sum("pulls.#{key}", title, formula, why:, **values)
  end
end
