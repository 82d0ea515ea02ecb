# frozen_string_literal: true

module YellowTrack
  # Today's floor along the opening, from its stations: straight lines between
  # them, level beyond the outermost, all 0 without any (handbook 2). Fewer
  # than two stations count as none.
  class Floor
    # @param stations [Array<Array(Rational, Rational)>] x and rise, mm
    def initialize(stations)
      @stations = (stations.length < 2) ? [] : stations.sort_by.with_index { |(x, _), place| [x, place] }
      freeze
    end

    # Whether anybody laid a level along it.
    def read? = @stations.any?

    attr_reader :stations

    # Rise at x above the datum, mm.
    def at(x)
      return 0r unless read?
      return @stations.first.last if x <= @stations.first.first
      return @stations.last.last if x >= @stations.last.first

      place = @stations.index { |right, _| x <= right }
      between(@stations[place - 1], @stations[place], x)
    end

    # Every place where the floor can be highest or lowest on the way from
    # one x to another: the ends and the stations between.
    #
    # @return [Array<Numeric>]
    def places(from, to)
      [from, *@stations.map(&:first).select { |x| x > from && x < to }, to]
    end

    # Rises at these places.
    def rises(from, to) = places(from, to).map { |x| at(x) }

    private

    def between((left, low), (right, high), x)
      return high if right == left

      low + (high - low) * (x - left) / (right - left)
    end
  end
end
