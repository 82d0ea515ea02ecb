# frozen_string_literal: true

require "tmpdir"

module YellowTrack
  module Bench
    # How long the cut list and the papers of a job of sixty openings take.
    class Packs
      COUNT = 60

      # @return [Array<String>] a line of figures each
      def call
        Dir.mktmpdir do |folder|
          works = openings(Store::Book.open("#{folder}/job.sqlite3"))
          list = pdf = nil
          lots = Timing.once { list = lots_of(works) }
          paper = Timing.once { pdf = pack(works, list).render }
          [format("%-34s %7.0f ms", "cut list of #{works.length} openings", lots), format("%-34s %7.0f ms   %d pages", "their papers", paper, pdf.scan("/Type /Page\n").length)]
        end
      end

      private

      # The demo's openings over and over, each a little narrower.
      def openings(book)
        Demo::Loader.new("").fill(book)
        @book = book
        documents = book.openings.of(1).map(&:document)
        (COUNT - documents.length).times do |place|
          document = documents[place % documents.length]
          book.openings.add(job_id: 1, document: document.with("survey.widths.top", document["survey.widths.top"].to_f - place))
        end
        book.openings.of(1).map { |row| Web::Work.new(row) }
      end

      def lots_of(works) = Web::CutList.new(@book, works).lots.map { |lot| Drawing::Paper::Pack::Lot.new(material: lot.material, cuts: lot.cutting.cuts) }

      def pack(works, lots)
        openings = works.select(&:plan).map do |work|
          Drawing::Paper::Pack::Opening.new(plan: work.plan, letter: work.row.letter, name: work.row.name, revision: 1, address: "http://127.0.0.1/openings/#{work.row.id}", cautions: [])
        end
        Drawing::Paper::Pack.new(job: "Osier Weir", date: "", address: "http://127.0.0.1/jobs/1", openings:, lots: -> { lots })
      end
    end
  end
end
