# frozen_string_literal: true

module YellowTrack
  # Where two panels in different lanes overlap, and the floor guide there.
  Lap = Struct.new(:between, :lap, :guide_at, keyword_init: true)
end
