# frozen_string_literal: true

require "date"

module YellowTrack
  module Web
    module Wall
      # What is due: today's and the next visit with what to load, looks back, what of
      # others is waited for. It reads what kept plans and hand-overs left for it.
      class DueRows
        SOON = 7 # days within which a look back is told
        MOST = 8 # of each

        # @param book [Store::Book]
        # @param today [Date]
        def initialize(book, today: Date.today)
          @book, @today = book, today
        end

        # Whether anything is due.
        def any? = visits.any? || looks.any? || waits.any?

        # Today's, and the next one.
        #
        # @return [Array<Store::Dues::Due>]
        def visits
          @visits ||= of("visit").partition { |due| today?(due) }.then { |now, later| now + later.first(1) }
        end

        # Looks back that are due soon.
        def looks = of("look-back")

        # What is waited for by now.
        def waits = of("wait")

        # Whether it is due today.
        def today?(due) = due.day == @today.iso8601

        # Whether its day is over.
        def overdue?(due) = due.day < @today.iso8601

        # Its day.
        def date(due) = Date.iso8601(due.day)

        private

        def of(kind) = kinds.fetch(kind, [])

        def kinds
          @kinds ||= @book.dues.first(today: @today.iso8601, soon: (@today + SOON).iso8601, most: MOST)
        end
      end
    end
  end
end
