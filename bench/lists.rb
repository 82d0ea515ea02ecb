# frozen_string_literal: true

require "tmpdir"

module YellowTrack
  module Bench
    # The lists over ten thousand openings: how long each page takes, how large it
    # is, how often it asks the database.
    class Lists
      JOBS = 200
      EACH = 40
      LARGE = 2_000 # openings of one job more
      RACK = 2_000
      ENTRIES = 5_000
      PICTURES = 2_000 # of one opening
      PICTURE, THUMB = 60_000, 4_000 # bytes
      COUNT = 20
      PATHS = {"first page" => "/", "its last page" => "/?page=999", "the large job" => "/jobs/1",
               "its last page of openings" => "/jobs/1?page=999",
               "search" => "/search?q=bunk", "search, a kit" => "/search?q=twin",
               "search, nothing" => "/search?q=zebra", "visits of the crew" => "/visits",
               "visits of the large job" => "/jobs/1/visits", "rack" => "/rack",
               "a log of 5 000 entries" => "/openings/1/log", "its first page" => "/openings/1/log?page=1",
               "a log of 2 000 pictures" => "/openings/2/log", "one of them" => "/pictures/1/small",
               "Measure, beside all that" => "/openings/1/measure"}.freeze

      # @return [Array<String>] a line of figures each
      def call
        Dir.mktmpdir do |folder|
          @site = Site.new(Store::Book.open("#{folder}/many.sqlite3"))
          @site.book.transaction { fill(@site.book) }
          [size, *@site.serve { |http| PATHS.map { |name, path| line(http, name, path) } }]
        end
      end

      private

      def size
        book = @site.book
        book.checkpoint
        format("%d openings, %d entries, %d pictures of %d kB: the book has %.0f MB", book.count(:openings),
          book.count(:log_entries), book.count(:pictures), (PICTURE + THUMB) / 1000, File.size(book.file) / 1e6)
      end

      def line(http, name, path)
        size = nil
        asked = @site.queries { size = http.get(path, "Accept-Encoding" => "identity").body.bytesize }
        times = Timing.times(COUNT) { http.get(path).code == "200" || raise("#{path} failed") }
        "#{Timing.line(name, times)}   #{size / 1024} kB, #{asked} queries"
      end

      # One opening of the demo, hung over and over.
      def fill(book)
        Demo::Loader.new("").fill(book)
        row = book.openings.of(1).fetch(1)
        JOBS.times { |place| hang(book, row, book.jobs.add(name: "Osier Weir #{place + 2}").id, EACH) }
        hang(book, row, 1, LARGE)
        RACK.times { |place| book.saw.keep("Twin lane 42 track", 301r + place) }
        ENTRIES.times do
          book.openings.note(1, {kind: "remark", key: "remark", before: nil, after: "The foot is soft."})
        end
        picture(book, row)
      end

      # Bytes that no one packs any smaller.
      def picture(book, row)
        random = Random.new(1)
        PICTURES.times do |place|
          one = Store::Pictures::Picture.new(type: "image/jpeg", width: 1600, height: 1200,
            data: random.bytes(PICTURE), thumb: random.bytes(THUMB))
          book.pictures.add(row, one, caption: "The foot #{place}")
        end
      end

      def hang(book, row, job_id, count)
        columns = row.to_h.slice(:reached, :sentence, :worst, :outline, :materials)
        ("AA".."ZZZ").first(count).each do |letter|
          book.openings.add(job_id:, document: row.document, letter:) { columns }
        end
      end
    end
  end
end
