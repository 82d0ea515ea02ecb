# frozen_string_literal: true

# A slider by all that is said of its panel and its gaps.
module Sliders
  ASKED = %i[gaps even per_turn].freeze

  def slider(**said)
    hung = YellowTrack::Adjust::Slider::Panel.new(**said.except(*ASKED))
    YellowTrack::Adjust::Slider.new(hung, **said.slice(*ASKED))
  end
end
