# frozen_string_literal: true

module YellowTrack
  module Web
    module Practice
      # What a question shows beside what it asks: the drawing with its readings, and what
      # else is known. One for each command that reads a question's file.
      class Scene
        # A reading as it stands on the drawing: per cent of its width and height.
        Reading = Struct.new(:key, :label, :text, :x, :y)

        # @param screen [QuestionScreen]
        # @return [Scene]
        def self.of(screen)
          {"plan" => Scenes::OpeningScene, "move" => Scenes::BenchScene, "cut" => Scenes::BarsScene,
           "service" => Scenes::DoorScene,
           "visits" => Scenes::JobScene}.fetch(screen.question.file).new(screen)
        end

        # @param screen [QuestionScreen]
        def initialize(screen)
          @screen = screen
        end

        # @return [String] of its template
        def template = "practice/scenes/#{Web::Screen.underscored(self.class.name.split("::").last)}"

        # What it is called to somebody who cannot see it.
        def label = "What is given"

        # @return [Array<Reading>] on the drawing
        def readings = []

        # What else is known.
        #
        # @return [Hash{String => String}]
        def known
          question.given.transform_values { |value| value.is_a?(String) ? value : printer.with_unit(value) }
        end

        private

        def question = @screen.question

        def printer = @screen.printer
      end
    end
  end
end
