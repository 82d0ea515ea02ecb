# frozen_string_literal: true

module YellowTrack
  # What can be reached behind sliding panels of one width (handbook 4,
  # "Reach").
  class Reach
    # One run of track and the panels in it.
    #
    # from, to  its ends along the floor, mm
    # most      panels in its fullest lane
    Stretch = Struct.new(:from, :to, :most) do
      # The window of each way to part the panels, those to the left pushed
      # left and those to the right pushed right.
      def windows(width) = (0..most).map { |left| [from + left * width, to - (most - left) * width] }
    end

    # One bay: from and to as read, mm.
    Bay = Struct.new(:from, :to, :reachable, :widest, keyword_init: true)

    # @param stretches [Array<Stretch>] from left to right
    # @param width [Rational] of a panel
    # @param bounds [Array(Rational, Rational)] between what anything can be
    #   clear: the run's ends, or on the wall the jambs
    # @param open [Array<Array(Numeric, Numeric)>, nil] what a set that does
    #   not lap opens, in place of what its stretches let
    def initialize(stretches, width, bounds, open: nil)
      @stretches = stretches
      @width = width
      @bounds = bounds
      @open = open
    end

    # Every window that some position of the panels opens, within the bounds:
    # [from, to], mm.
    def windows
      @windows ||= begin
        open = @open || @stretches.flat_map { |stretch| stretch.windows(@width) } + across
        open.map { |window| clip(window, @bounds) }.uniq
      end
    end

    # @return [Array(Numeric, Numeric)] the widest of them
    def widest = windows.max_by { |from, to| to - from }

    # Each bay, clipped to the bounds: whether what is left of it comes clear,
    # and how much of it can.
    #
    # @param bays [Array<Array(Rational, Rational)>] from and to of each
    # @param work [Working] the ledger to write in
    # @return [Array<Bay>]
    def bays(bays, work)
      bays.each_with_index.map do |(from, to), place|
        asked = clip([from, to], @bounds)
        best = windows.map { |window| clip(asked, window) }.max_by { |left, right| right - left }
        reachable = best[1] - best[0] >= asked[1] - asked[0]
        Bay.new(from:, to:, reachable:, widest: clear(work, place, reachable ? asked : best))
      end
    end

    private

    def clear(work, place, (left, right))
      work.sum("reach.bays.#{place + 1}.widest", "Clear of bay #{place + 1}", "most(right end − left end, 0)",
        left_end: left,
        right_end: right, why: "The most of it that some position opens, between the jambs.")
    end

    # Over the middle of a bi-parting set: each half's panels pushed to its
    # own jamb.
    def across
      return [] if @stretches.length < 2

      left, right = @stretches
      [[left.from + left.most * @width, right.to - right.most * @width]]
    end

    def clip((from, to), (left, right)) = [[from, left].max, [to, right].min]
  end
end
