# frozen_string_literal: true

module YellowTrack
  module Drawing
    # One opening small, to a scale shared by all on the wall: the opening,
    # and the set in it where one is worked out.
    class Thumbnail
      SCALE = 0.07 # screen units a millimetre
      EDGE = 6
      UNKNOWN = [900, 2100].freeze # mm drawn while nothing is read
      LEAST = 40 # screen units, so that a slip can still be pressed
      MOST = 320

      # @param survey [Survey, nil]
      # @param plan [Plan, nil]
      # @param name [String] what the picture's ids begin with
      # @param title [String]
      def initialize(survey, plan, name:, title:)
        @survey = survey
        @plan = plan
        @name = name
        @title = title
      end

      # @return [String] SVG
      def to_s
        wide, high = sides
        svg = SVG.new(wide + 2 * EDGE, high + EDGE, title: @title, description:, name: @name)
        svg.polygon([[0, high + EDGE], [0, 0], [wide + 2 * EDGE, 0], [wide + 2 * EDGE, high + EDGE], [wide + EDGE, high + EDGE],
          [wide + EDGE, EDGE], [EDGE, EDGE], [EDGE, high + EDGE]], "wall")
        panels(svg)
        svg.rect([EDGE, EDGE], [wide, 3], "runs") if @plan
        svg.to_s
      end

      # Picture's width and height, screen units.
      def size = sides.then { |wide, high| [wide + 2 * EDGE, high + EDGE] }

      private

      def sides
        millimetres = [@survey&.widths&.max || UNKNOWN[0], @survey&.heights&.max || UNKNOWN[1]]
        millimetres.map { |mm| (mm * SCALE).to_f.clamp(LEAST, MOST).round }
      end

      def description
        return "Nothing worked out yet." unless @plan

        "#{@plan.opening.kit.name}, panels #{@plan.set.panels.map(&:name).join(", ")}."
      end

      def panels(svg)
        return unless @plan

        high = sides[1]
        @plan.set.panels.sort_by { |panel| -(panel.lane || 1) }.each do |panel|
          tall = (panel.height * SCALE).to_f.clamp(0, high - 1)
          svg.rect([EDGE + panel.x * SCALE, EDGE + high - tall - 1], [panel.width * SCALE, tall], "face lane-#{panel.lane}")
        end
      end
    end
  end
end
