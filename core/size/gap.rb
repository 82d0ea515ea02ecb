# frozen_string_literal: true

module YellowTrack
  # The least and the most floor gap under a stretch, mm.
  Gap = Struct.new(:least, :most)
end
