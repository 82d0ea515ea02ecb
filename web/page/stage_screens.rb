# frozen_string_literal: true

module YellowTrack
  module Web
    # The screen of each stage, by the stage's key.
    module StageScreens
      module_function

      # @param key [String] of a Desk::Stage
      # @return [Class] of its screen
      def of(key) = all.fetch(key)

      # @return [Hash{String => Class}]
      def all
        @all ||= {
          "measure" => Measure::Screen, "choose" => Choose::Screen, "size" => Size::Screen,
          "prepare" => Prepare::Screen, "cut" => Cut::Screen, "hang" => Hang::Screen, "adjust" => Adjust::Screen,
          "look" => Look::Screen, "take-down" => TakeDown::Screen, "mend" => Mend::Screen,
          "rehang" => Rehang::Screen, "hand-over" => HandOver::Screen, "fit" => Fit::Screen
        }.freeze
      end
    end
  end
end
