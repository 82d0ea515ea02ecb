# frozen_string_literal: true

module YellowTrack
  module Web
    module Practice
      # A round whose questions are made in another way since: its points stand, its
      # questions are not asked again.
      class Past < Web::Screen
        # @param practising [Desk::Practising]
        # @param round [Store::Practice::Round]
        def initialize(book, practising, round, **rest)
          super(book, **rest)
          @practising, @round = practising, round
        end

        # The template that it is drawn with.
        def template = "practice/past"

        # What stands in the window's own line.
        def title = "A round of before, practice"

        # When the round was begun.
        def at = @round.at

        # @return [Array<(Integer, String, String)>] number, drill, points
        def rows
          @practising.answered(@round).map do |answer|
            drill = YellowTrack::Practice::Drills.all[answer.drill]
            [answer.place + 1, drill ? drill::NAME : answer.drill, Points.told(answer.points)]
          end
        end
      end
    end
  end
end
