# frozen_string_literal: true

module YellowTrack
  module Web
    module Built
      # An opening as built beside as planned.
      class OpeningRecord < OpeningScreen
        include Telling

        # The stage that it stands on; nil for none of them.
        def stage = nil

        # The template that it is drawn with.
        def template = "built/opening"

        # What was taken there, beside what was planned.
        def items = @items ||= Desk::Record.new([opening]).items.flat_map(&:last)

        private

        def fine = opening.fine_printer
      end
    end
  end
end
