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
          @visits ||= begin
            coming = @book.dues.of("visit", from: @today.iso8601, most: MOST)
            now, later = coming.partition { |due| due.day == @today.iso8601 }
            now + later.first(1)
          end
        end

        # Looks back that are due soon.
        def looks = @looks ||= @book.dues.of("look-back", until_day: (@today + SOON).iso8601, most: MOST)

        # What is waited for by now.
        def waits = @waits ||= @book.dues.of("wait", begun: @today.iso8601, most: MOST)

        # Whether it is due today.
        def today?(due) = due.day == @today.iso8601

        # Whether its day is over.
        def overdue?(due) = due.day < @today.iso8601

        # Its day.
        def date(due) = Date.iso8601(due.day)
      end
    end
  end
end
