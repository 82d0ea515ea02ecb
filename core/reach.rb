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
    # @param jambs [Array(Rational, Rational)] the x of the two
    # @param slides_clear [Boolean] whether the panels leave the opening whole
    def initialize(stretches, width, jambs, slides_clear: false)
      @stretches = stretches
      @width = width
      @jambs = jambs
      @slides_clear = slides_clear
    end

    # Every window that some position of the panels opens, between the jambs:
    # [from, to], mm.
    def windows
      @windows ||= begin
        open = @slides_clear ? [@jambs] : @stretches.flat_map { |stretch| stretch.windows(@width) } + across
        open.map { |window| clip(window, @jambs) }.uniq
      end
    end

    # @return [Array(Rational, Rational)] the widest of them
    def widest = windows.max_by { |from, to| to - from }

    # @return [Bay] whether it comes clear, and how much of it can
    def bay(from, to)
      seen = clip([from, to], @jambs)
      asked = @slides_clear ? seen : clip(seen, [@stretches.first.from, @stretches.last.to])
      opened = windows.map { |window| clip(asked, window).then { |left, right| right - left } }.max
      reachable = opened >= asked[1] - asked[0]
      Bay.new(from:, to:, reachable:, widest: [0r, reachable ? seen[1] - seen[0] : opened].max)
    end

    private

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
