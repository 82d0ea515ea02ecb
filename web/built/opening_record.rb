# frozen_string_literal: true

module YellowTrack
  module Web
    module Built
      # An opening as built beside as planned.
      class OpeningRecord < OpeningScreen
        include Telling

        def stage = nil

        def template = "built/opening"

        def items = @items ||= Desk::Record.new([opening]).items.flat_map(&:last)

        private

        def fine = opening.fine_printer
      end
    end
  end
end
