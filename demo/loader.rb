# frozen_string_literal: true

require "fileutils"
require "json"
require "yaml"

module YellowTrack
  module Demo
    # Loads the demo job, kept as opening files, into a database of its own.
    class Loader
      # @param path [String] of the database file
      def initialize(path)
        @path = path
      end

      # @param reset [Boolean] starts it afresh
      def load(reset: false)
        FileUtils.rm_f(Dir["#{@path}{,-wal,-shm}"]) if reset
        book = Store::Book.open(@path)
        fill(book) if book.jobs.all.empty?
      ensure
        book&.close
      end

      # Puts the demo's jobs into a book.
      def fill(book)
        YAML.safe_load_file("#{ROOT}/demo/jobs.yml").each do |job|
          id = book.jobs.add(name: job["name"], place: job["place"], units: job["units"]).id
          job["openings"].each { |opening| hang(book, id, opening) }
        end
      end

      private

      def hang(book, job_id, opening)
        document = Store::Document.parse(File.read("#{ROOT}/demo/#{opening["file"]}"))
        row = Store::Clock.during(Past.surveyed(opening)) { book.openings.add(job_id:, document:, stage: opening["stage"], letter: opening["letter"]) }
        Past.new(book, row).tell(opening)
      end
    end
  end
end
