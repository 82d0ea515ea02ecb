# frozen_string_literal: true

module YellowTrack
  module Desk
    # What a list draws of an opening: its sides and its panels, in mm, so that no
    # list works out a plan.
    module Outline
      module_function

      # "sides", the widest width and the tallest height read, nil for none;
      # "panels", left edge, height, width, lane and name of each, those behind
      # first; "kit", of the set, nil without one.
      #
      # @param survey [Survey]
      # @param plan [Plan, nil]
      # @return [Hash] ready for JSON
      def of(survey, plan)
        panels = (plan&.set&.panels || []).sort_by { |panel| -(panel.lane || 1) }
        {"sides" => [survey.widths.max, survey.heights.max].map { |mm| mm && Numbers.plain(mm) },
         "panels" => panels.map { |panel|
           [*[panel.x, panel.height, panel.width].map { |mm| Numbers.plain(mm) },
             panel.lane, panel.name]
         },
         "kit" => plan&.opening&.kit&.name}
      end
    end
  end
end
