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
        let_in(book)
      ensure
        book&.close
      end

      # Who is signed in where the demo signs in by itself.
      FITTERS = %w[Runa Odo].freeze

      # Puts the demo's crew and jobs into a book, and what stands at its saw.
      def fill(book)
        let_in(book)
        YAML.safe_load_file("#{ROOT}/demo/jobs.yml").each do |job|
          id = book.jobs.add(name: job["name"], place: job["place"], units: job["units"]).id
          job["openings"].each { |opening| hang(book, id, opening) }
          (job["served"] || []).each { |door| serve(book, id, door) }
          plan(book, id, job["visits"]) if job["visits"]
        end
        stock(book, YAML.safe_load_file("#{ROOT}/demo/saw.yml"))
      end

      private

      # The crew, of fitters without a password: nobody comes in as one of them but by itself.
      def let_in(book)
        return unless book.accounts.firm.nil?

        book.accounts.found(FITTERS.join(" and "))
        FITTERS.each { |name| book.accounts.named(name) || book.accounts.add(name) }
      end

      def hang(book, job_id, opening)
        document = Store::Document.parse(File.read("#{ROOT}/demo/#{opening["file"]}"))
        row = Store::Clock.during(Past.surveyed(opening)) { add(book, job_id, document, opening) }
        Past.new(book, row).tell(opening)
      end

      # A door that others hung: what is said of it.
      def serve(book, job_id, door)
        row = Desk::Job.new(book, book.jobs.find(job_id)).serve(door["name"], door["family"], who: door["by"])
        door["said"].each do |key, value|
          book.openings.change(row.id, key, value, seen: nil, who: door["by"], listing: Desk::Listing.of(book))
        end
      end

      # The plan of a job's visits, kept.
      def plan(book, job_id, told)
        Desk::JobVisits.new(Desk::Job.new(book, book.jobs.find(job_id))).keep!(seen: 0, who: told["by"])
      end

      def add(book, job_id, document, opening)
        book.openings.add(job_id:, document:, stage: opening["stage"], letter: opening["letter"],
          &Desk::Listing.of(book))
      end

      # Bars and what they cost, offcuts in the rack, prices.
      def stock(book, told)
        told["bars"].each do |material, lengths|
          lengths.each { |mm, price| book.saw.stock(material, Rational(mm.to_s), Rational(price.to_s)) }
        end
        told["offcuts"].each { |material, lengths| lengths.each { |mm| book.saw.keep(material, Rational(mm.to_s)) } }
        Desk::HouseWords.keep(book, Desk::HouseWords::CURRENCY, told["currency"])
        told["prices"].each { |key, amount| book.prices.set(key, Rational(amount.to_s)) }
      end
    end
  end
end
