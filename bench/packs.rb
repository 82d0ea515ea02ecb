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
          book = Store::Book.open("#{folder}/job.sqlite3")
          openings = openings(book)
          list = pdf = nil
          lots = Timing.once { list = lots_of(book, openings) }
          paper = Timing.once { pdf = pack(openings, list).render }
          [format("%-34s %7.0f ms", "cut list of #{openings.length} openings", lots),
            format("%-34s %7.0f ms   %d pages", "their papers", paper, pdf.scan("/Type /Page\n").length)]
        end
      end

      private

      # The demo's openings over and over, each a little narrower.
      def openings(book)
        Demo::Loader.new("").fill(book)
        documents = book.openings.of(1).map(&:document)
        (COUNT - documents.length).times do |place|
          document = documents[place % documents.length]
          book.openings.add(job_id: 1, document: document
            .with("survey.widths.top", document["survey.widths.top"].to_f - place))
        end
        Desk::Job.new(book, book.jobs.find(1)).openings
      end

      def lots_of(book, openings)
        Desk::CutList.new(book, openings).lots.map do |lot|
          Drawing::Paper::Pack::Lot.new(material: lot.material, cuts: lot.cutting.cuts)
        end
      end

      def pack(openings, lots)
        on_paper = openings.select(&:plan).map do |one|
          Drawing::Paper::Pack::Packed.new(plan: one.plan, parts: one.parts, letter: one.letter, name: one.name,
            revision: 1,
            address: "http://127.0.0.1/openings/#{one.id}", rows: Desk::Tally.lines(one), cautions: [])
        end
        Drawing::Paper::Pack.new(job: "Osier Weir", date: "", address: "http://127.0.0.1/jobs/1", openings: on_paper,
          lots: -> { lots })
      end
    end
  end
end
