# frozen_string_literal: true

module YellowTrack
  # Which piece comes from which bar (handbook 7, "Stock lengths"): as little
  # left uncut as can be, then the least cost, then the fewest bars, then the
  # longest single offcut. Proved best up to MOST_PROVED pieces; beyond that as
  # good as a search of bounded length finds, with the least cost that any
  # cutting could have beside it.
  class Cutting
    MOST_PROVED = 30
    FORMAT = {"format" => "yellow-track/cutting", "version" => 1}.freeze
    ROUNDED = "Lengths finer than a saw knows are rounded to 1/20 mm: pieces, kerf and trim up, bars down. " \
      "The bound is that of the lengths as typed."

    # @return [Array<Cut>] the longest bars first
    attr_reader :cuts
    # @return [Array<Piece>] what no bar is there for
    attr_reader :uncut
    # @return [Array<Check>]
    attr_reader :checks
    # @return [Rational] what no cutting costs less than
    attr_reader :lower_bound

    # @param bars [Array<Bar>]
    # @param pieces [Array<Piece>]
    # @param kerf [Rational] mm
    # @param trim [Rational] mm, at each end of a bar
    def initialize(bars:, pieces:, kerf: 3r, trim: 0r)
      @stand = Stand.new(bars, pieces, kerf:, trim:)
      @bars, @pieces, @saw = bars, pieces, {kerf:, trim:}
      solve
      freeze
    end

    # @return [Rational]
    def cost = cuts.sum { |cut| cut.bar.price }

    # Whether no other way of cutting costs less: the search came to its end.
    def optimal? = @optimal

    # How far its cost may be over the least, as a share of that.
    #
    # @return [Rational, nil] nil where nothing is known of the least
    def gap = lower_bound.positive? ? cost / lower_bound - 1 : nil

    # What was rounded before anything was worked out, in a sentence; nil for
    # nothing.
    #
    # @return [String, nil]
    def rounded = @stand.rounded ? ROUNDED : nil

    # The cutting file.
    def to_h
      Numbers.rounded(FORMAT.merge("optimal" => optimal?, "cost" => cost, "lower_bound" => lower_bound,
        "bars" => cuts.map(&:to_h),
        "uncut" => uncut.map(&:name), "checks" => checks.map(&:to_h), **(rounded ? {"rounded" => true} : {})))
    end

    private

    def solve
      answer = Answer.new(@stand, prove: @pieces.length <= MOST_PROVED)
      @cuts, left = @stand.cuts(answer.fillings)
      @uncut = @stand.too_long + left
      @checks = Checks.new(@stand.too_long, left).found
      bound(answer, left)
    end

    # A cost that meets its bound is the least there is, whether or not the search came to its end.
    # Of lengths that were rounded that is the bound of the lengths as they were typed.
    def bound(answer, left)
      proved = answer.proved? && !rounded
      @lower_bound = if proved
        cost
      else
        [rounded ? bound_as_typed(left) : @stand.price(answer.bound), cost].min
      end
      @optimal = proved || (left.empty? && @lower_bound == cost)
    end

    def bound_as_typed(left)
      return 0r if left.any?

      typed = Stand.new(@bars, @pieces, **@saw, exact: true)
      typed.price(Answer.least(typed.problem, close: @pieces.length <= MOST_PROVED))
    end
  end
end
