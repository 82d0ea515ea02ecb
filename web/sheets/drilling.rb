# frozen_string_literal: true

module YellowTrack
  module Web
    module Sheets
      # Drilling sheets: every face of every panel that is drilled or marked.
      class Drilling < OpeningScreen
        # One view: the drilling, its code and its drawing.
        View = Struct.new(:drilling, :code, :drawing)

        # The template that it is drawn with.
        def template = "sheets/drilling"

        # The frame that it is drawn in: a page of the work, or a paper.
        def layout = "page/paper"

        # The stage that it stands on; nil for none of them.
        def stage = "cut"

        # @return [Array<View>]
        def views
          YellowTrack::Drilling.of(plan).map do |drilling|
            code = "#{opening.letter}-D#{drilling.panel.name}"
            View.new(drilling, code, Drawing::PanelFace
              .new(drilling, opening.printer, code: "#{code}-#{drilling.face}"))
          end
        end

        # A measure as it stands in a table; nothing for none.
        def told(mm) = mm ? derived(mm) : ""

        # Cautions of the work on this page, in words.
        def cautions = Files::Cautions.for(set)

        # What is said beside every caution.
        def always = Files::Cautions.always
      end
    end
  end
end
