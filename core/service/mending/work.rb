# frozen_string_literal: true

module YellowTrack
  module Mending
    # What a mend takes: minutes of all hands together, and the parts that it fits.
    Work = Struct.new(:minutes, :parts)
  end
end
