# frozen_string_literal: true

module YellowTrack
  module Web
    module Search
      # Jobs and openings by their names, places and notes.
      class Screen < Web::Screen
        MOST = 40 # found of each
        LONGEST = 100

        # An opening that was found, with its job's name.
        Found = Struct.new(:id, :letter, :name, :job, keyword_init: true)

        def template = "search/page"

        def title = "Search"

        def asked = params["q"].to_s.strip[0, LONGEST]

        def asked? = !asked.empty?

        # @return [Array<Store::Jobs::Job>]
        def jobs = @jobs ||= asked? ? book.jobs.named_like(asked, most: MOST + 1) : []

        # @return [Array<Found>]
        def openings
          @openings ||= begin
            rows = asked? ? book.openings.named_like(asked, most: MOST + 1) : []
            names = book.jobs.names(rows.map(&:job_id).uniq)
            rows.map { |row| Found.new(id: row.id, letter: row.letter, name: row.name, job: names[row.job_id]) }
          end
        end

        def nothing? = asked? && jobs.empty? && openings.empty?

        # Whether more was found than is shown.
        def more? = [jobs, openings].any? { |found| found.length > MOST }

        def most = MOST
      end
    end
  end
end
