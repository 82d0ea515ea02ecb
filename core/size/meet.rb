# frozen_string_literal: true

module YellowTrack
  # Where two panels of one lane come edge to edge.
  Meet = Struct.new(:between, :gap, keyword_init: true)
end
