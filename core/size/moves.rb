# frozen_string_literal: true

module YellowTrack
  # Where the panels of a set stand when they are moved: sliding sets by their
  # left edges, folding ones by their angle. Each move has its real limits.
  class Moves
    # One thing that can be moved: its name, and the least and most it can
    # be moved to, mm or degrees.
    Move = Struct.new(:name, :label, :from, :to, :value, keyword_init: true)

    SLIT = 10 # mm: nothing narrower counts as open, a hinge gap least of all

    # @param set [Family]
    # @param wanted [Hash{String => Object}] value of each move by its name;
    #   closed for one that is missing or no number
    def initialize(set, wanted = {})
      @set = set
      @wanted = wanted
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
      [from + @set.before_jambs, to - @set.before_jambs]
    end

    private

    def wanted(name, least, most)
      value = Float(@wanted[name].to_s, exception: false)
      value.clamp(*[least, most].map(&:to_f).minmax) if value&.finite?
    end
  end
end
