# frozen_string_literal: true

module YellowTrack
  module Web
    module Sheets
      # The sheet for the site: one A4 page.
      class Sheet < OpeningScreen
        # The template that it is drawn with.
        def template = "sheets/sheet"

        # The frame that it is drawn in: a page of the work, or a paper.
        def layout = "page/paper"

        # The stage that it stands on; nil for none of them.
        def stage = "size"

        # The set's drawings.
        def drawings = @drawings ||= Size::Drawings.new(opening)

        # @return [Array<Desk::Tally::Line>]
        def rows = Desk::Tally.lines(opening)

        # What the plan from above is called.
        def caption = set.manner.caption

        # What its panels are made of.
        def made_of = set.makeup.words.capitalize

        # A panel's weight in words.
        def weight = Makeup.kilos(set.weight)

        # What it has to spare.
        def spare = @spare ||= Spare.of(opening)

        # Cautions of the work on this page, in words.
        def cautions = Files::Cautions.for(set)

        # What is said beside every caution.
        def always = Files::Cautions.always

        # Why there is nothing to print.
        def nothing = opening.refusal ? opening.refusal.message : "Readings are missing."
      end
    end
  end
end
