# frozen_string_literal: true

module YellowTrack
  module Web
    module Over
      # Jobs that are over, the last first: looked for by name or place, brought back by a press.
      class Screen < Web::Screen
        PAGE = 40
        LONGEST = 100

        # The template that it is drawn with.
        def template = "over/page"

        # What stands in the window's own line.
        def title = "Jobs that are over"

        # What was asked, cut to what is looked for.
        def asked = params["q"].to_s.strip[0, LONGEST]

        # Where it is in a list that is longer than a page.
        def paging = @paging ||= Paging.new(book.jobs.over_count(asked), PAGE, asked_number("page"))

        # Where it is, with what was asked of it.
        def path(page) = Paths.jobs_over(q: (asked unless asked.empty?), page:)

        # @return [Array<Store::Jobs::Job>]
        def jobs = @jobs ||= book.jobs.over(asked, most: paging.most, after: paging.after)
      end
    end
  end
end
