# frozen_string_literal: true

module YellowTrack
  module Web
    module Opening
      # The sheet for the site: one A4 page.
      class Sheet < OpeningScreen
        def template = "opening/sheet"

        def layout = "paper"

        def stage = "size"

        def drawings = @drawings ||= Size::Drawings.new(opening)

        # A number as a paper has it: its name, the figure with its words, and a line for each sum.
        Line = Struct.new(:name, :figure, :after, :sums, keyword_init: true)

        # @param opening [Desk::Opening] with a plan
        # @return [Array<Line>] all its numbers, in working order
        def self.lines(opening)
          Size::Tally.of(opening).all.map do |row|
            sums = row.line || [opening.plan.working[row.keys.first]&.short(opening.printer)]
            Line.new(name: row.name, figure: row.figure, after: row.after, sums: sums.compact)
          end
        end

        def rows = Sheet.lines(opening)

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
