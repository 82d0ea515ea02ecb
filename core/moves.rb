# frozen_string_literal: true

module YellowTrack
  # Where the panels of a set stand when they are moved: sliding sets by their
  # left edges, folding ones by their angle. Each move has its real limits.
  class Moves
    # One thing that can be moved: its name, and the least and most it can
    # be moved to, mm or degrees.
    Move = Struct.new(:name, :label, :from, :to, :value, keyword_init: true)

    FOLD = "fold"
    SLIT = 10 # mm: nothing narrower counts as open, a hinge gap least of all

    # @param plan [Plan]
    # @param wanted [Hash{String => Object}] value of each move by its name;
    #   closed for one that is missing or no number
    def initialize(plan, wanted = {})
      @set = plan.set
      @wanted = wanted
    end

    # @return [Array<Move>]
    def all
      return [Move.new(name: FOLD, label: "Fold", from: 0.0, to: @set.fold.angle, value: degrees)] if folds?

      @set.panels.zip(lefts).map do |panel, left|
        from, to = travel(panel).map(&:to_f).minmax
        Move.new(name: panel.name, label: panel.name, from:, to:, value: left.to_f)
      end
    end

    # Left edge of each panel as it stands, mm; of folding ones, closed.
    def lefts
      @lefts ||= folds? ? @set.panels.map(&:x) : held(@set.panels.map { |panel| wanted(panel.name, *travel(panel)) || panel.x })
    end

    # Angle of the pivot panels, degrees.
    def degrees = folds? ? wanted(FOLD, 0, @set.fold.angle) || 0.0 : nil

    # Pose of a pair at that angle.
    def pose = @set.fold.at(degrees)

    # Whether everything stands closed.
    def closed? = folds? ? degrees.zero? : lefts == @set.panels.map(&:x)

    # Along the floor, what each panel of a folding set takes, from and to.
    #
    # @return [Array<Array(Numeric, Numeric)>]
    def spans
      return lefts.map { |left| [left, left + @set.width] } unless folds?

      pair = [pose.pivot_corners, pose.lead_corners].map { |corners| corners.map(&:first).minmax }
      @set.two_pairs? ? pair.map { |span| from_left(span) } + pair.reverse.map { |span| from_right(span) } : one_pair(pair)
    end

    # Stretches between the jambs that no panel stands before.
    #
    # @return [Array<Array(Numeric, Numeric)>]
    def windows
      seen, to = limits
      [*spans.sort, [to, to]].each_with_object([]) do |(left, right), open|
        stop = [left, to].min
        open << [seen, stop] if stop - seen > SLIT
        seen = [seen, right].max
      end
    end

    # Between what something can be clear: the jambs, less bumpers or strips
    # that stand before them.
    #
    # @return [Array(Rational, Rational)]
    def limits
      from, to = @set.sizing.jambs
      before = folds? ? @set.half_jamb || 0r : bumper
      [from + before, to - before]
    end

    private

    def bumper = @set.is_a?(Bypass) ? @set.bumper : 0r

    def folds? = @set.is_a?(Bifold)

    def held(lefts) = @set.is_a?(Bypass) ? @set.held(lefts) : lefts

    def travel(panel) = panel.travel || @set.travel(panel)

    def wanted(name, least, most)
      value = Float(@wanted[name].to_s, exception: false)
      value.clamp(*[least, most].map(&:to_f).minmax) if value&.finite?
    end

    def one_pair(pair) = (@set.hand == "left") ? pair.map { |span| from_left(span) } : pair.reverse.map { |span| from_right(span) }

    def from_left(span) = span.map { |x| @set.pivots.first + x }

    def from_right(span) = span.map { |x| @set.pivots.last - x }.reverse
  end
end
