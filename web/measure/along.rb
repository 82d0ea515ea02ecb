# frozen_string_literal: true

module YellowTrack
  module Web
    module Measure
      # Where floor stations and bays are typed: under the drawing of the floor,
      # each at its own place along it, in as many rows as keep them apart.
      class Along
        EDGE = 100.0 * Drawing::Profile::LEFT / Drawing::Profile::WIDTH
        APART = 12 # per cent of the drawing that one takes
        MOST_ROWS = 3

        # @param survey [Survey]
        # @param key [String] "survey.floor" or "survey.bays"
        def initialize(survey, key)
          @list = survey[key.delete_prefix("survey.")] || []
          @middles = (key == "survey.bays")
          @width = [survey["widths.bottom"], *@list.map(&:first)].compact.max || 0
          @rows = spread
        end

        # @return [Array<Array(Integer, Integer)>] per cent from the left and
        #   from the top, in the list's order
        def places
          @list.each_index.map { |place| [across(place).round, 100 * @rows[place] / rows] }
        end

        # How many rows its places take.
        def rows = (@rows.values.max || -1) + 1

        private

        def across(place)
          x = @middles ? @list[place].sum / 2 : @list[place].first
          @width.positive? ? (EDGE + (100 - 2 * EDGE) * x / @width).clamp(EDGE, 100 - EDGE).to_f : 50.0
        end

        # The first row where nothing stands too near, else the last.
        def spread
          ends = Array.new(MOST_ROWS, -APART)
          @list.each_index.sort_by { |place| across(place) }.to_h do |place|
            row = ends.index { |taken| across(place) - taken >= APART } || MOST_ROWS - 1
            ends[row] = across(place)
            [place, row]
          end
        end
      end
    end
  end
end
