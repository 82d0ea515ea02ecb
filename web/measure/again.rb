# frozen_string_literal: true

module YellowTrack
  module Web
    module Measure
      # Readings that are asked for once more: what a slip of each would do, without what was read.
      class Again < Screen
        # A reading that is asked for: its key, name, what is said of it, and whether it is the tape itself.
        Row = Struct.new(:key, :name, :says, keyword_init: true) do
          # An id for the page.
          def id = key.tr(".", "-")

          # Whether another tape answers, not another reading.
          def tape? = key == Desk::OnceMore::TAPE
        end

        # @return [Desk::OnceMore::Result, nil] of the reading that was sent
        attr_reader :taken

        # @param taken [Desk::OnceMore::Result, nil]
        # @param rest see OpeningScreen
        def initialize(opening, taken: nil, **rest)
          super(opening, result: taken && Desk::Writing::Result.new(opening:, outcome: :saved, meanwhile: []),
                         written: taken&.field, **rest)
          @taken = taken
        end

        # Whether what stands in its field is another now.
        def written_anew? = taken.outcome == :other

        # Whether there is something to ask for, or to say.
        def asks_again? = again.any? || !said.nil?

        # What came of the reading that was sent, in words.
        def said = ("#{capital(called(params["key"].to_s))}: #{taken.note}" if taken)

        # What was typed and could not be taken, at its reading.
        def typed_again(key) = (taken&.outcome == :unread && params["key"] == key) ? params["value"].to_s : ""

        # @return [Array<Row>] three at most; none once its panels hang
        def again
          return [] if opening.come_to?("adjust")

          @again ||= (opening.sure&.named || []).map do |row|
            Row.new(key: row.key, name: capital(called(row.key)), says: says(row))
          end
        end

        # One reading more that would show a slip in most of those; nil where none would.
        #
        # @return [Sure::OneMore::Offer, nil]
        def one_more
          opening.piece("one more") { [Sure::OneMore.new(opening.sure, opening.opening).best] }.first if again.any?
        end

        # Where it is typed.
        def one_more_path
          anchor = (one_more.key == "floor") ? "survey.floor.new" : "survey.#{one_more.key}"
          Paths.opening(id, "measure", anchor:)
        end

        # Where that is asked for, after the page: it takes longer.
        def more_path = Paths.opening(id, "once-more", more: 1)

        # Where a second reading is sent.
        def again_path = Paths.opening(id, "once-more")

        # The unit that it is typed in.
        def own_unit = opening.opening.units.to_s

        # What a fitter calls a reading.
        def called(key) = Survey::Words.name(key)

        private

        def capital(text) = text.sub(/\A./, &:upcase)

        # "5 less, and the panels foul the head; the closure sees it from 12 on."
        def says(row)
          side, way = row.closest
          seen = way.seen ? "The other readings show it from #{length(way.seen)} on." : "No other reading shows it."
          "#{length(way.unseen)} #{side}, and: #{way.says.chomp(".")}. #{seen}"
        end

        def length(mm) = opening.fine_printer.with_unit(mm)
      end
    end
  end
end
