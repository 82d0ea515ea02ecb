# frozen_string_literal: true

module YellowTrack
  module Web
    module Sheets
      # The sheet for the site: one A4 page.
      class Sheet < OpeningScreen
        def template = "sheets/sheet"

        def layout = "page/paper"

        def stage = "size"

        def drawings = @drawings ||= Size::Drawings.new(opening)

        # @return [Array<Desk::Tally::Line>]
        def rows = Desk::Tally.lines(opening)

        def caption = set.manner.caption

        def made_of = set.makeup.words.capitalize

        def weight = Makeup.kilos(set.weight)

        def cautions = Files::Cautions.for(set)

        def always = Files::Cautions.always

        # Why there is nothing to print.
        def nothing = opening.refusal ? opening.refusal.message : "Readings are missing."
      end
    end
  end
end
