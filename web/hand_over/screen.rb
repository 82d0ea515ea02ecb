# frozen_string_literal: true

module YellowTrack
  module Web
    module HandOver
      # Hand over: what it will hold.
      class Screen < OpeningScreen
        def stage = "hand-over"

        def holds = "The record of what was fitted, how to care for it, and a date to look back."
      end
    end
  end
end
